import type { StyleFile } from '@ample-bolt/core/formats/style/read-style';
import type { Observations } from '@ample-bolt/core/measures/measure-set';
import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import type { Fold } from '@ample-bolt/core/lay/model/lay';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';

/** An invented workroom in an invented harbour town: it dresses a lantern-night procession, a brass band, and whoever comes in. */
export interface DemoTicket {
  readonly client: { readonly name: string; readonly kind: 'adult' | 'child' };
  readonly title: string;
  /** The fitted dress unless said. */
  readonly style?: string;
  /** Days from today. */
  readonly dueIn: number;
  readonly unit: 'in' | 'cm';
  readonly from?: 'neckSide' | 'midShoulder';
  readonly observations?: Observations;
  readonly measures: { readonly [id: string]: string };
  /** How long ago it was measured; today unless said. */
  readonly measuredDaysAgo?: number;
  readonly takenBy?: string;
  readonly undergarment?: string;
  /** A garment that fits, as it was measured flat. */
  readonly garment?: { readonly values: { readonly [id: string]: string }; readonly pleats: number };
  /** Absent until agreed with the client. */
  readonly choices?: { readonly [id: string]: string };
  /** Rules of the ticket's own. */
  readonly rules?: { readonly [id: string]: string };
  readonly figures?: { readonly [id: string]: { readonly value: string; readonly why: string } };
  readonly cloths?: readonly ClothFile[];
  readonly lays?: { readonly [role in ClothRole]?: Fold };
  /** How much of the chalking is done, from 0 to 1. */
  readonly chalked?: number;
  /** Pieces cut, of all in cutting order, from 0 to 1. */
  readonly cut?: number;
  /** Why its stops are signed off. */
  readonly signedOff?: string;
}

const adult = (name: string) => ({ name, kind: 'adult' }) as const;
const seen = (
  build: Observations['build'],
  tummy: Observations['tummy'],
  shoulders: Observations['shoulders'],
): Observations => ({ build, tummy, shoulders });

const outer = (name: string, colour: string, width: string, more: Partial<ClothFile> = {}): ClothFile => ({ role: 'outer', name, colour, width, ...more }); // prettier-ignore
const lining = (name: string, colour: string, width = '54in'): ClothFile => ({ role: 'lining', name, colour, width }); // prettier-ignore
const net = (name: string, colour: string, width: string): ClothFile => ({
  role: 'net',
  name,
  colour,
  width,
});
const stay: ClothFile = { role: 'stay', name: 'Light woven stay', colour: '#d9d6cf', width: '36in' };

// prettier-ignore
export const demoTickets: readonly DemoTicket[] = [
  {
    client: adult('Ottoline Farrow'), title: 'Lamp-bearer’s gown', dueIn: 16, unit: 'in', measuredDaysAgo: 64, takenBy: 'Juno', undergarment: 'her own stays', observations: seen('middle', 'flat', 'middle'),
    measures: { shoulder: '15 1/4', acrossChest: '13', acrossBack: '14 1/4', bustSpan: '7 1/2', shoulderToBust: '10 1/4', shoulderToUnderBust: '13 1/2', frontWaistLength: '17', backWaistLength: '16 1/4', highBust: '34 1/2', bust: '37 1/2', underBust: '31 3/4', waist: '28 1/2', hip: '40 1/2', armhole: '16 1/4', waistToHip: '8 1/2', waistToKnee: '23' },
    choices: { neckDepthFront: '4', pegging: '3/4' },
    cloths: [outer('Teal sateen', '#23545b', '45in'), lining('Smoke habotai', '#8d97a0'), stay],
    lays: { outer: 'open', lining: 'half', stay: 'half' },
    chalked: 0.16,
  },
  {
    client: adult('Marisol Tern'), title: 'Cornet player’s dress', dueIn: 9, unit: 'in', observations: seen('full', 'rounded', 'sloping'),
    measures: { shoulder: '16', acrossChest: '14 1/4', acrossBack: '15 1/4', bustSpan: '8 1/2', shoulderToBust: '11 3/4', shoulderToUnderBust: '15', frontWaistLength: '18 1/4', backWaistLength: '16 3/4', highBust: '41', bust: '45', underBust: '37 1/2', waist: '38 1/2', hip: '47 1/2', armhole: '19', waistToHip: '8 3/4' },
    choices: { easeBust: '2 1/2', easeHip: '2 1/2', pegging: '1/2' },
    cloths: [outer('Madder wool crepe', '#7d2f33', '60in'), lining('Wine satin', '#5b2430'), stay],
    lays: { outer: 'width', lining: 'half', stay: 'half' },
  },
  {
    client: adult('Ines Quill'), title: 'Harbour-office dress', dueIn: 23, unit: 'cm', from: 'midShoulder', observations: seen('slim', 'flat', 'square'),
    measures: { shoulder: '37', bustSpan: '17', shoulderToBust: '25', frontWaistLength: '41.5', backWaistLength: '40', highBust: '79', bust: '82', waist: '64', hip: '90', armhole: '37', waistToHip: '21' },
    choices: {},
    figures: { 'skirt-front/length': { value: '60', why: 'She leans back; the front hem would dip' } },
    cloths: [{ ...outer('Rope-striped linen', '#cfc4a8', '140cm'), repeat: '12cm', matched: true, price: 21.5 }, lining('Straw cotton lawn', '#d8c690', '140cm')],
  },
  {
    client: adult('Perpetua Lowe'), title: 'Choir dress, first fitting', dueIn: 30, unit: 'in', takenBy: 'Juno',
    garment: { values: { collar: '15 1/2', halfYoke: '8 3/4', armhole: '10 1/8', backLength: '27 1/2', frontChest: '10 1/2', frontWaist: '9 3/4', frontHip: '11', backChest: '20 1/4', backWaist: '18 1/2', backHip: '21', cuffDepth: '2 1/2', cuffLength: '9', sleeveAtCuff: '4 5/8', pleatDepth: '3/4' }, pleats: 2 }, observations: seen('middle', 'rounded', 'middle'),
    measures: { shoulder: '14 3/4', bustSpan: '7 3/4', shoulderToBust: '10 3/4', frontWaistLength: '17', backWaistLength: '16', highBust: '36 1/2', bust: '39', waist: '34', hip: '42', armhole: '16 3/4', waistToHip: '8' },
  },
  {
    client: adult('Wilhelmina Sedge'), title: 'Lantern-night dress', dueIn: 5, unit: 'in',
    measures: { shoulder: '15', bustSpan: '7 1/4', bust: '35', waist: '27' },
  },
  { client: adult('Ottoline Farrow'), title: 'Everyday dress, navy', dueIn: 41, unit: 'in', takenBy: 'Odile', observations: seen('middle', 'flat', 'middle'), measures: { shoulder: '15 1/4', bust: '38', waist: '29 1/4' } },
  {
    client: { name: 'Pip Marrow', kind: 'child' }, title: 'Torch-carrier’s frock', dueIn: 12, unit: 'in', observations: seen('slim', 'flat', 'middle'),
    measures: { height: '53', shoulder: '11 3/4', acrossChest: '10 1/4', acrossBack: '11', bustSpan: '5 1/2', shoulderToBust: '7 3/4', frontWaistLength: '12 3/4', backWaistLength: '12 1/4', bust: '27', waist: '24 1/2', hip: '29', armhole: '12 1/2', waistToHip: '5 3/4', waistToKnee: '16' },
    choices: { neckDepthFront: '2 1/2', neckDepthBack: '1', pegging: '0', easeBust: '2 1/2' },
    cloths: [outer('Sunflower cotton', '#c98f1d', '44in', { length: '2yd' })],
    lays: { outer: 'half' },
    chalked: 1,
  },
  {
    client: adult('Delphine Oakes'), title: 'Harbour-master’s dinner', dueIn: 2, unit: 'in', observations: seen('middle', 'flat', 'sloping'),
    measures: { shoulder: '15 1/2', acrossChest: '13 1/4', acrossBack: '14 1/2', bustSpan: '7 3/4', shoulderToBust: '10 1/2', frontWaistLength: '17 1/2', backWaistLength: '16 1/2', highBust: '35', bust: '38', waist: '30', hip: '41 1/2', armhole: '16 1/2', waistToHip: '8 1/2', waistToKnee: '23 1/2' },
    choices: { easeBust: '3', slit: '10' },
    cloths: [outer('Ink barathea', '#1f2536', '60in', { oneWay: true }), lining('Silver twill', '#a9adb3'), stay],
    lays: { outer: 'half', lining: 'half', stay: 'half' },
    chalked: 1, cut: 0.6,
  },
  {
    client: adult('Bettina Gale'), title: 'Ferry-day dress', dueIn: 19, unit: 'in', observations: seen('slim', 'flat', 'middle'),
    measures: { shoulder: '14 1/2', bustSpan: '7', shoulderToBust: '9 3/4', frontWaistLength: '16 1/4', backWaistLength: '15 1/2', bust: '34', waist: '26', hip: '37', armhole: '15 1/2', waistToHip: '8', hand: '8 1/4', upperArm: '10 1/2' },
    choices: { neckDepthFront: '3' },
    rules: { 'school.block': 'table' },
    signedOff: 'Cut by the hand rule, to be fitted on her before the sides are closed',
    cloths: [outer('Sky poplin', '#7fa3b8', '45in')],
  },
  {
    client: adult('Hester Brill'), title: 'Net-loft overdress', dueIn: 27, unit: 'cm', observations: seen('full', 'rounded', 'middle'),
    measures: { shoulder: '41', bustSpan: '21', shoulderToBust: '29', frontWaistLength: '46', backWaistLength: '43', highBust: '102', bust: '110', waist: '98', hip: '116', armhole: '47', waistToHip: '22' },
    choices: { easeWaist: '6', pegging: '1' },
    rules: { 'school.block': 'table' },
    signedOff: 'Worn over a wrapper; she asked for it close at the bust',
    cloths: [outer('Slate herringbone', '#4b5258', '150cm'), lining('Charcoal satin', '#33383d', '140cm')],
    lays: { outer: 'width', lining: 'half' },
  },
  {
    client: adult('Rosalind Pike'), title: 'Bandstand dress', dueIn: -1, unit: 'in', observations: seen('middle', 'flat', 'square'),
    measures: { shoulder: '15', bustSpan: '7 1/4', shoulderToBust: '10', frontWaistLength: '16 3/4', backWaistLength: '16', bust: '36', waist: '29', hip: '39', armhole: '16', waistToHip: '8 1/4', waistToKnee: '22 1/2' },
    choices: { pegging: '1/2' },
    cloths: [outer('Brick gaberdine', '#8b4a34', '58in', { length: '2 1/2yd' }), lining('Rust lawn', '#a56a4b', '45in'), stay],
    lays: { outer: 'half', lining: 'half', stay: 'half' },
    chalked: 1, cut: 1,
  },
  { client: adult('Clementine Rook'), title: 'Lighthouse keeper’s dress', dueIn: 34, unit: 'in', measures: { bust: '41', waist: '35', hip: '44' } },
  {
    client: adult('Juniper Vail'), title: 'Regatta bustier', style: 'bustier-bodice', dueIn: 26, unit: 'cm', observations: seen('slim', 'flat', 'middle'),
    measures: { shoulder: '38', bustSpan: '18.5', shoulderToBust: '26', frontWaistLength: '42.5', backWaistLength: '40.5', bust: '92', waist: '71', armhole: '40' },
    choices: { neckline: 'sweetheart', neckDepthFront: '13', easeBust: '3' },
    cloths: [outer('Foam-green twill', '#5d8a76', '140cm'), lining('White lawn', '#e6e2da', '140cm'), stay],
  },
  {
    client: adult('Sabine Corrie'), title: 'Bell-ringer’s bodice', style: 'plain-bodice', dueIn: 21, unit: 'in', observations: seen('middle', 'flat', 'middle'),
    measures: { shoulder: '15 1/4', bustSpan: '7 3/4', shoulderToBust: '10 1/2', frontWaistLength: '16 3/4', backWaistLength: '16', bust: '37', waist: '30', armhole: '16 1/4' },
    choices: { neckline: 'sweetheart', neckDepthFront: '5' },
    cloths: [outer('Plum velveteen', '#4a2743', '54in', { oneWay: true }), lining('Rose lawn', '#c08a93', '45in'), stay],
    lays: { outer: 'half', lining: 'half', stay: 'half' },
  },
  {
    client: adult('Edda Fenn'), title: 'Tide-table launch', dueIn: 46, unit: 'cm', observations: seen('middle', 'flat', 'middle'),
    measures: { shoulder: '38.5', bustSpan: '19', shoulderToBust: '26.5', frontWaistLength: '43', backWaistLength: '41', bust: '94', waist: '75', hip: '101', armhole: '41', waistToHip: '21', waistToKnee: '58' },
    choices: { length: '104', neckDepthBack: '12' },
  },
  {
    client: adult('Mirabel Stroud'), title: 'Drum-major’s waistcoat', style: 'waistcoat', dueIn: 30, unit: 'in', observations: seen('middle', 'rounded', 'middle'),
    measures: { shoulder: '15 3/4', bustSpan: '8', shoulderToBust: '10 3/4', frontWaistLength: '17 1/4', backWaistLength: '16 1/2', bust: '40', waist: '33', hip: '43', armhole: '17 1/4', waistToHip: '8 1/2' },
    choices: { neckDart: '1/2', stand: '1 1/4' },
    cloths: [outer('Madder wool crepe', '#7d2f33', '60in'), lining('Brass satin', '#b08d4a', '54in'), stay],
    lays: { outer: 'half', lining: 'half', stay: 'half' },
  },
  {
    client: adult('Isaura Quill'), title: 'Fireworks top', style: 'tube-top', dueIn: 38, unit: 'in', observations: seen('slim', 'flat', 'middle'),
    measures: { shoulder: '14 3/4', bustSpan: '7', shoulderToBust: '10', shoulderToUnderBust: '13', frontWaistLength: '16 3/4', backWaistLength: '16', highBust: '32 1/2', bust: '35', underBust: '30', waist: '26 1/2', armhole: '15 3/4' },
    choices: { topEdge: 'sweetheart', cups: 'seam' },
    cloths: [outer('Ember duchess', '#8c3b2e', '54in'), { ...lining('Ivory lawn', '#e6dfd0', '45in'), under: 'outer' }, stay],
  },
  // Her armhole is written with its digits swapped: a ticket that is held until someone looks.
  {
    client: adult('Thomasin Roe'), title: 'Net-loft blouse', style: 'yoke-blouse', dueIn: 52, unit: 'cm', observations: seen('middle', 'flat', 'middle'),
    measures: { shoulder: '39', bustSpan: '19', shoulderToBust: '26', frontWaistLength: '43', backWaistLength: '41', bust: '93', waist: '74', hip: '100', armhole: '14', waistToHip: '21' },
    choices: { drape: '2', tail: '4' },
    cloths: [outer('Heron crêpe', '#7d8fa0', '140cm'), lining('Pearl lawn', '#dcdad5', '140cm'), net('Stretch net, slate', '#4c5560', '150cm')],
  },
];

/** Garments that the house composed once and keeps. */
export const demoStyles: readonly StyleFile[] = [
  {
    format: 'ample-bolt/style',
    version: 1,
    unit: 'in',
    name: 'Regatta dress',
    style: 'bustier-bodice',
    choices: { skirt: 'skirt-gathered', skirtLength: '25', sleeve: 'sleeve-bell', bellCircle: '0.25' },
  },
  {
    format: 'ample-bolt/style',
    version: 1,
    unit: 'cm',
    name: 'Pilot’s overall',
    style: 'plain-bodice',
    choices: {
      skirt: 'trousers',
      crotchEase: '3.2',
      legHem: '44',
      sleeve: 'sleeve-set-in',
      collar: 'collar-fall',
    },
  },
];

/** A change that the house made lately: a deeper hem, since clients keep asking for a dress let down. */
export const demoHouse = { unit: 'in', rules: { 'allowance.hem': '2 1/2' } } as const;

/** Sets from the shop's older book, days before today: what was measured before there were tickets. */
export const demoOlderSets: readonly {
  readonly client: string;
  readonly kind: 'adult' | 'child';
  readonly daysAgo: number;
  readonly measures: { readonly [id: string]: string };
}[] = [
  { client: 'Ottoline Farrow', kind: 'adult', daysAgo: 410, measures: { shoulder: '15 1/4', bust: '36 1/2', waist: '27 3/4', hip: '39 3/4' } },
  { client: 'Ottoline Farrow', kind: 'adult', daysAgo: 215, measures: { shoulder: '15 1/4', bust: '37', waist: '28', hip: '40 1/4' } },
  { client: 'Pip Marrow', kind: 'child', daysAgo: 300, measures: { height: '50 3/4', bust: '26', waist: '24', hip: '27 1/2' } },
  { client: 'Pip Marrow', kind: 'child', daysAgo: 130, measures: { height: '52', bust: '26 1/2', waist: '24 1/4', hip: '28 1/4' } },
]; // prettier-ignore

/** What one client sent from home and nobody has looked at yet. */
export const demoFromHome = {
  title: 'Lighthouse keeper’s dress',
  sequence: 'dress',
  entries: {
    unit: 'in',
    from: 'neckSide',
    undergarment: 'a soft bra',
    remarks: 'My sister held the tape. The left shoulder sits a little lower.',
    values: { shoulder: '15 3/4', bustSpan: '8 1/4', shoulderToBust: '11 1/4', frontWaistLength: '17 1/2', backWaistLength: '16 1/2', bust: '41 1/2', underBust: '35', waist: '35 1/2', hip: '44 1/4', armhole: '17 1/2', waistToHip: '8 1/2' },
  },
} as const; // prettier-ignore

/** A private link that has run out; its token opens nothing any more. */
export const demoExpiredLink = {
  title: 'Tide-table launch',
  token: 'this-link-ran-out-before-the-demo-began',
} as const;
