/** 2.25 as 2 1⁄4; purchases come in quarters or tenths. */
export function amountText(amount: number, unit: 'yd' | 'm'): string {
  if (unit === 'm') return `${amount} m`;
  const whole = Math.floor(amount);
  const part = ['', '1\u20444', '1\u20442', '3\u20444'][Math.round((amount - whole) * 4)] ?? '';
  return `${[whole > 0 ? String(whole) : '', part].filter(Boolean).join('\u202f')} yd`;
}
