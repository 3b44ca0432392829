/** An invented workroom in an invented harbour town: it dresses a lantern-night procession, a brass band, and whoever comes in. */
export interface DemoTicket {
  readonly client: { readonly name: string; readonly kind: 'adult' | 'child' };
  readonly title: string;
  /** Days from today. */
  readonly dueIn: number;
  readonly unit: 'in' | 'cm';
  readonly from?: 'neckSide' | 'midShoulder';
  readonly observations?: {
    readonly build: 'slim' | 'middle' | 'full';
    readonly tummy: 'flat' | 'rounded';
    readonly shoulders: 'square' | 'middle' | 'sloping';
  };
  readonly measures: { readonly [id: string]: string };
  /** Absent until agreed with the client. */
  readonly choices?: { readonly [id: string]: string };
  readonly cloth?: {
    readonly name: string;
    readonly colour: string;
    readonly width: string;
    readonly oneWay?: boolean;
    readonly length?: string;
  };
  readonly lay?: 'open' | 'half';
  /** How much of the chalking is done, from 0 to 1. */
  readonly chalked?: number;
}

// prettier-ignore
export const demoTickets: readonly DemoTicket[] = [
  {
    client: { name: 'Ottoline Farrow', kind: 'adult' },
    title: 'Lamp-bearer’s gown',
    dueIn: 16,
    unit: 'in',
    observations: { build: 'middle', tummy: 'flat', shoulders: 'middle' },
    measures: { shoulder: '15 1/4', acrossChest: '13', acrossBack: '14 1/4', bustSpan: '7 1/2', shoulderToBust: '10 1/4', shoulderToUnderBust: '13 1/2', frontWaistLength: '17', backWaistLength: '16 1/4', highBust: '34 1/2', bust: '37 1/2', underBust: '31 3/4', waist: '28 1/2', hip: '40 1/2', armhole: '16 1/4', waistToHip: '8 1/2', waistToKnee: '23' },
    choices: { neckDepthFront: '4', pegging: '3/4' },
    cloth: { name: 'Teal sateen', colour: '#23545b', width: '45in' },
    lay: 'open',
    chalked: 0.4,
  },
  {
    client: { name: 'Marisol Tern', kind: 'adult' },
    title: 'Cornet player’s dress',
    dueIn: 9,
    unit: 'in',
    observations: { build: 'full', tummy: 'rounded', shoulders: 'sloping' },
    measures: { shoulder: '16', acrossChest: '14 1/4', acrossBack: '15 1/4', bustSpan: '8 1/2', shoulderToBust: '11 3/4', shoulderToUnderBust: '15', frontWaistLength: '18 1/4', backWaistLength: '16 3/4', highBust: '41', bust: '45', underBust: '37 1/2', waist: '38 1/2', hip: '47 1/2', armhole: '19', waistToHip: '8 3/4' },
    choices: { easeBust: '2 1/2', easeHip: '2 1/2', pegging: '1/2' },
    cloth: { name: 'Madder wool crepe', colour: '#7d2f33', width: '60in' },
    lay: 'half',
  },
  {
    client: { name: 'Ines Quill', kind: 'adult' },
    title: 'Harbour-office dress',
    dueIn: 23,
    unit: 'cm',
    from: 'midShoulder',
    observations: { build: 'slim', tummy: 'flat', shoulders: 'square' },
    measures: { shoulder: '37', bustSpan: '17', shoulderToBust: '25', frontWaistLength: '41.5', backWaistLength: '40', highBust: '79', bust: '82', waist: '64', hip: '90', armhole: '37', waistToHip: '21' },
    choices: {},
    cloth: { name: 'Pale linen', colour: '#cfc4a8', width: '140cm' },
  },
  {
    client: { name: 'Perpetua Lowe', kind: 'adult' },
    title: 'Choir dress, first fitting',
    dueIn: 30,
    unit: 'in',
    observations: { build: 'middle', tummy: 'rounded', shoulders: 'middle' },
    measures: { shoulder: '14 3/4', bustSpan: '7 3/4', shoulderToBust: '10 3/4', frontWaistLength: '17', backWaistLength: '16', highBust: '36 1/2', bust: '39', waist: '34', hip: '42', armhole: '16 3/4', waistToHip: '8' },
  },
  {
    client: { name: 'Wilhelmina Sedge', kind: 'adult' },
    title: 'Lantern-night dress',
    dueIn: 5,
    unit: 'in',
    measures: { shoulder: '15', bustSpan: '7 1/4', bust: '35', waist: '27' },
  },
  { client: { name: 'Ottoline Farrow', kind: 'adult' }, title: 'Everyday dress, navy', dueIn: 41, unit: 'in', measures: {} },
];
