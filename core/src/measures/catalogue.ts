import type { Measure } from './measure.ts';

/** Start of a length from the shoulder; a set says which of the two it used. */
export const SHOULDER_START = 'neck side or middle of the shoulder';
const down = (to: string): readonly [string, string] => [
  'Start at the neck side of the shoulder, or its middle; the set says which.',
  to,
];
const snug = 'Snug, level with the floor, one finger under the tape.';

/**
 * Every measure of the trade in taking order: across the back, downs, rounds from the top, arm, below the waist.
 * Names, paths, order and usual ranges are common practice with no source; ISO 8559-1 names are from memory.
 */
// prettier-ignore
export const measures = {
  height: { names: ['Height', 'stature', 'body height'], kind: 'length', posture: 'straight', starts: 'floor', ends: 'crown', steps: ['Back to a wall, no shoes.', 'Floor to crown.'], usual: [54, 78], standard: 'stature', related: ['frontWaistLength'] },
  heelHeight: { names: ['Heel height', 'shoe heel'], kind: 'length', posture: 'straight', starts: 'floor', ends: 'sole under the heel', steps: ['The heel of the shoe worn for full lengths.'], usual: [0.25, 6], related: ['fullLength'] },
  shoulder: { names: ['Shoulder', 'shoulder to shoulder', 'full shoulder', 'shoulder width'], kind: 'across', posture: 'arms-down', starts: 'shoulder bone', ends: 'other shoulder bone', steps: ['Bone to bone over the back.', 'By another school: where the arm lifts without pinching, tape over the nape.'], usual: [12, 20], standard: 'total shoulder width', related: ['shoulderLength', 'acrossBack'] },
  shoulderLength: { names: ['Shoulder length', 'one shoulder', 'neck to shoulder'], kind: 'across', posture: 'arms-down', starts: 'neck base', ends: 'shoulder bone', steps: ['Neck base to shoulder bone, one side.'], usual: [3.5, 6.5], standard: 'shoulder length', related: ['shoulder'] },
  acrossChest: { names: ['Across chest', 'chest width', 'cross front'], kind: 'across', posture: 'arms-down', starts: 'armpit crease', ends: 'other armpit crease', steps: ['Front, armpit crease to armpit crease, flat.'], usual: [10, 18], standard: 'across chest width', related: ['shoulder', 'acrossBack'] },
  acrossBack: { names: ['Across back', 'back width', 'cross back'], kind: 'across', posture: 'arms-down', starts: 'armpit crease', ends: 'other armpit crease', steps: ['Back, armpit crease to armpit crease, flat.'], usual: [11, 19], standard: 'across back width', related: ['shoulder', 'acrossChest'] },
  bustSpan: { names: ['Bust span', 'span', 'nipple to nipple', 'apex to apex', 'point to point'], kind: 'across', posture: 'arms-down', starts: 'bust point', ends: 'other bust point', steps: ['Bust point to bust point.'], usual: [5.5, 12], standard: 'bust point width', related: ['bust'] },
  shoulderToBust: { names: ['Bust point', 'shoulder to bust', 'nipple line', 'dart point', 'shoulder to nipple', 'bust depth'], kind: 'down', posture: 'arms-down', starts: SHOULDER_START, ends: 'bust point', steps: down('Down to the fullest point of the bust.'), usual: [8, 15], standard: 'neck shoulder point to bust point', related: ['shoulderToUnderBust', 'frontWaistLength'] },
  shoulderToUnderBust: { names: ['Under bust, down', 'shoulder to under bust', 'under bust length'], kind: 'down', posture: 'arms-down', starts: SHOULDER_START, ends: 'crease under the bust', steps: down('Over the bust to the crease under it.'), usual: [10.5, 19], related: ['shoulderToBust', 'frontWaistLength'] },
  frontWaistLength: { names: ['Half length', 'front waist length', 'shoulder to waist', 'waist line length'], kind: 'down', posture: 'arms-down', starts: SHOULDER_START, ends: 'natural waist', steps: down('Over the bust to the natural waist; the tape bridges, not pressed in.'), usual: [13, 24], standard: 'neck shoulder point to waist over bust', related: ['backWaistLength', 'height'] },
  centreFrontLength: { names: ['Centre front', 'neck hollow to waist', 'front neck to waist'], kind: 'down', posture: 'arms-down', starts: 'hollow of the collar bones', ends: 'natural waist', steps: ['Hollow of the collar bones to the waist.'], usual: [10, 20], standard: 'front neck point to waist', related: ['frontWaistLength'] },
  backWaistLength: { names: ['Back waist', 'back waist length', 'back length'], kind: 'down', posture: 'arms-down', starts: SHOULDER_START, ends: 'natural waist on the back', steps: down('Down the back to the natural waist.'), usual: [13, 21], related: ['frontWaistLength', 'napeToWaist'] },
  napeToWaist: { names: ['Nape to waist', 'centre back length', 'neck bone to waist'], kind: 'down', posture: 'arms-down', starts: 'neck bone', ends: 'natural waist', steps: ['Neck bone to waist, down the centre back.'], usual: [12, 20], standard: 'back neck point to waist', related: ['backWaistLength'] },
  sideLength: { names: ['Side length', 'underarm to waist', 'side seam'], kind: 'down', posture: 'arms-down', starts: 'one inch under the armpit', ends: 'natural waist', steps: ['One inch under the armpit to waist, arm down.'], usual: [5, 12], related: ['frontWaistLength'] },
  shoulderToHip: { names: ['Shoulder to hip', 'hip line length', 'top length'], kind: 'down', posture: 'straight', starts: SHOULDER_START, ends: 'fullest hip', steps: down('Down to the fullest hip.'), usual: [20, 34], related: ['waistToHip'] },
  shoulderToKnee: { names: ['Shoulder to knee', 'knee length', 'short gown length'], kind: 'down', posture: 'straight', starts: SHOULDER_START, ends: 'knee', steps: down('Down to the knee.'), usual: [32, 50], related: ['waistToKnee'] },
  shoulderToCalf: { names: ['Shoulder to calf', 'midi length', 'below the knee'], kind: 'down', posture: 'straight', starts: SHOULDER_START, ends: 'fullest calf', steps: down('Down to the calf.'), usual: [38, 58], related: ['shoulderToKnee'] },
  shoulderToAnkle: { names: ['Shoulder to ankle', 'ankle length'], kind: 'down', posture: 'straight', starts: SHOULDER_START, ends: 'ankle bone', steps: down('Down to the ankle.'), usual: [44, 66], related: ['fullLength'] },
  fullLength: { names: ['Full length', 'dress length', 'gown length', 'maxi length'], kind: 'down', posture: 'straight', starts: SHOULDER_START, ends: 'floor or chosen hem', steps: down('Down to the floor or the chosen hem, heel on.'), usual: [30, 72], related: ['heelHeight'] },
  neck: { names: ['Neck', 'neck base', 'round neck'], kind: 'round', posture: 'straight', starts: 'neck base', ends: 'neck base', steps: ['Around the base of the neck.'], usual: [11, 22], standard: 'neck base girth', related: ['shoulderLength'] },
  highBust: { names: ['High bust', 'chest above the bust', 'upper bust'], kind: 'round', posture: 'arms-down', starts: 'under the arms', ends: 'under the arms', steps: ['Under the arms, above the bust.', snug], usual: [14, 80], standard: 'upper chest girth', related: ['bust'] },
  bust: { names: ['Bust', 'chest', 'round bust', 'full bust', 'bust girth', 'chest girth'], kind: 'round', posture: 'arms-down', starts: 'fullest bust', ends: 'fullest bust', steps: ['Over the fullest point, level all round.', snug], usual: [14, 80], standard: 'bust girth', related: ['highBust', 'underBust'] },
  underBust: { names: ['Under bust', 'band', 'round under bust', 'rib cage'], kind: 'round', posture: 'arms-down', starts: 'crease under the bust', ends: 'crease under the bust', steps: ['Where the band sits.', snug], usual: [14, 80], standard: 'under-bust girth', related: ['bust', 'waist'] },
  waist: { names: ['Waist', 'natural waist', 'round waist', 'waist girth'], kind: 'round', posture: 'straight', starts: 'natural waist', ends: 'natural waist', steps: ['Where a side bend folds, near elbow level.', snug], usual: [14, 80], standard: 'waist girth', related: ['hip', 'underBust'] },
  lowWaist: { names: ['Low waist', 'dropped waist'], kind: 'round', posture: 'straight', starts: '2 to 2½ in below the waist', ends: '2 to 2½ in below the waist', steps: ['2 to 2½ in below the waist.', snug], usual: [14, 80], related: ['waist', 'highHip'] },
  highHip: { names: ['High hip', 'hip bones', 'upper hip'], kind: 'round', posture: 'feet-together', starts: 'hip bones', ends: 'hip bones', steps: ['Over the hip bones.', snug], usual: [14, 80], standard: 'high hip girth', related: ['hip'] },
  hip: { names: ['Hip', 'seat', 'round hip', 'full hip', 'hip girth'], kind: 'round', posture: 'feet-together', starts: 'fullest seat', ends: 'fullest seat', steps: ['Fullest seat, level all round.', snug], usual: [14, 80], standard: 'hip girth', related: ['waist', 'highHip'] },
  shoulderRound: { names: ['Round both shoulders', 'shoulder girth', 'cape round'], kind: 'round', posture: 'arms-down', starts: 'cape edge', ends: 'cape edge', steps: ['Around both shoulders where a cape’s edge sits.'], usual: [28, 70], related: ['offShoulderRound'] },
  offShoulderRound: { names: ['Off-shoulder round', 'around both arms', 'off shoulder'], kind: 'round', posture: 'arms-down', starts: 'off-shoulder level', ends: 'off-shoulder level', steps: ['Around both arms and the body at the off-shoulder level.'], related: ['acrossChest', 'acrossBack'] },
  head: { names: ['Head', 'head round', 'hat size'], kind: 'round', posture: 'straight', starts: 'fullest head', ends: 'fullest head', steps: ['Fullest head, over the ears.'], usual: [18, 26], standard: 'head girth', related: [] },
  armhole: { names: ['Armhole', 'armscye', 'round armhole', 'armhole line', 'chest line'], kind: 'round', posture: 'arms-down', starts: 'shoulder bone', ends: 'shoulder bone', steps: ['Over the shoulder bone and under the arm.', 'Arm down, one finger under the tape.'], usual: [12, 28], standard: 'armscye girth', related: ['upperArm'] },
  upperArm: { names: ['Upper arm, flexed', 'biceps', 'round sleeve', 'bicep'], kind: 'round', posture: 'arm-flexed', starts: 'widest upper arm', ends: 'widest upper arm', steps: ['Widest, about 3 in below the shoulder.'], usual: [8, 24], standard: 'upper arm girth', related: ['armhole', 'elbow'] },
  elbow: { names: ['Elbow', 'round elbow'], kind: 'round', posture: 'arm-bent', starts: 'elbow', ends: 'elbow', steps: ['Around the bent elbow.'], usual: [7, 20], standard: 'elbow girth', related: ['upperArm', 'wrist'] },
  wrist: { names: ['Wrist', 'round wrist', 'cuff'], kind: 'round', posture: 'arm-bent', starts: 'wrist bone', ends: 'wrist bone', steps: ['Around the wrist bone, no slack; the draft adds the ease.'], usual: [4.5, 11], standard: 'wrist girth', related: ['hand'] },
  hand: { names: ['Hand', 'fist', 'hand opening'], kind: 'round', posture: 'arm-bent', starts: 'knuckles', ends: 'knuckles', steps: ['Thumb tucked in, around the knuckles; no slack.'], usual: [6, 13], standard: 'hand girth', related: ['wrist'] },
  elbowSleeveRound: { names: ['Round elbow sleeve', 'short sleeve round', 'sleeve opening'], kind: 'round', posture: 'arm-bent', starts: 'two fingers above the elbow', ends: 'two fingers above the elbow', steps: ['Two fingers above the elbow.'], usual: [7, 22], related: ['elbow'] },
  threeQuarterRound: { names: ['Round three-quarter sleeve', 'forearm'], kind: 'round', posture: 'arm-bent', starts: 'half-way from elbow to wrist', ends: 'half-way from elbow to wrist', steps: ['Half-way from elbow to wrist.'], usual: [6, 18], related: ['elbow', 'wrist'] },
  armLength: { names: ['Arm length', 'long sleeve', 'sleeve length'], kind: 'length', posture: 'arm-bent', starts: 'shoulder bone', ends: 'wrist bone', steps: ['Shoulder bone over the elbow to the wrist.'], usual: [18, 29], standard: 'arm length', related: ['shoulderToElbow'] },
  underarmLength: { names: ['Underarm length', 'inner sleeve', 'armpit to wrist'], kind: 'length', posture: 'arm-bent', starts: 'armpit', ends: 'wrist bone', steps: ['Armpit to wrist.'], usual: [13, 24], standard: 'underarm length', related: ['armLength'] },
  shoulderToElbow: { names: ['Shoulder to elbow', 'short sleeve', 'elbow length'], kind: 'length', posture: 'arm-bent', starts: 'shoulder bone', ends: 'elbow bone', steps: ['Shoulder bone to the bent elbow.'], usual: [10, 18], standard: 'upper arm length', related: ['armLength'] },
  waistToHip: { names: ['Waist to hip', 'hip depth', 'hip level'], kind: 'down', posture: 'feet-together', starts: 'waist string', ends: 'fullest hip', steps: ['At the side, waist string to the fullest hip.'], standard: 'waist to hip', related: ['hip'] },
  waistToKnee: { names: ['Waist to knee', 'skirt to the knee'], kind: 'down', posture: 'straight', starts: 'waist string', ends: 'knee', steps: ['At the side, waist string to the knee.'], usual: [19, 28], standard: 'waist to knee', related: ['waistToFloor'] },
  waistToAnkle: { names: ['Waist to ankle', 'trouser length'], kind: 'down', posture: 'straight', starts: 'waist string', ends: 'ankle bone', steps: ['At the side, waist string to the ankle bone.'], usual: [32, 46], related: ['waistToFloor'] },
  waistToFloor: { names: ['Outseam', 'waist to floor', 'outside leg', 'full skirt length'], kind: 'down', posture: 'straight', starts: 'waist string', ends: 'floor', steps: ['At the side, waist string to the floor.'], usual: [34, 50], standard: 'outside leg length', related: ['inseam', 'crotchDepth'] },
  inseam: { names: ['Inseam', 'inside leg', 'inner leg'], kind: 'length', posture: 'straight', starts: 'crotch', ends: 'floor', steps: ['Crotch to floor.'], usual: [24, 40], standard: 'inside leg length', related: ['waistToFloor'] },
  crotchDepth: { names: ['Crotch depth', 'body rise', 'seat depth', 'rise'], kind: 'derived', posture: 'straight', starts: 'waist string', ends: 'chair', steps: ['Outseam less inseam.', 'Measured: seated, waist string to the chair at the side.'], usual: [7, 16], standard: 'body rise', related: ['waistToFloor', 'inseam'] },
  crotchLength: { names: ['Crotch length', 'full rise', 'waist to waist under'], kind: 'length', posture: 'straight', starts: 'front waist', ends: 'back waist', steps: ['Front waist, under, to back waist.'], usual: [20, 42], standard: 'total crotch length', related: ['crotchDepth'] },
  trouserWaist: { names: ['Trouser waist', 'skirt waist', 'worn waist'], kind: 'round', posture: 'straight', starts: 'where the band is worn', ends: 'where the band is worn', steps: ['Where trousers or a skirt are worn.'], usual: [14, 80], related: ['waist', 'trouserWaistDrop'] },
  trouserWaistDrop: { names: ['Trouser waist, down', 'drop of the trouser waist', 'drop below the waist'], kind: 'down', posture: 'straight', starts: 'waist string', ends: 'where the band is worn', steps: ['At the side, waist string down to where the band is worn.'], usual: [0, 7], related: ['trouserWaist'] },
  thigh: { names: ['Thigh', 'lap', 'round thigh'], kind: 'round', posture: 'straight', starts: 'just under the seat', ends: 'just under the seat', steps: ['Widest, just under the seat.'], usual: [14, 42], standard: 'thigh girth', related: ['knee'] },
  knee: { names: ['Knee', 'round knee'], kind: 'round', posture: 'knee-bent', starts: 'knee', ends: 'knee', steps: ['Around the knee.'], usual: [10, 28], standard: 'knee girth', related: ['calf'] },
  calf: { names: ['Calf', 'round calf'], kind: 'round', posture: 'straight', starts: 'widest calf', ends: 'widest calf', steps: ['Widest calf.'], usual: [9, 26], standard: 'calf girth', related: ['ankle'] },
  ankle: { names: ['Ankle', 'round ankle'], kind: 'round', posture: 'straight', starts: 'ankle bone', ends: 'ankle bone', steps: ['Over the ankle bone.'], usual: [7, 16], standard: 'ankle girth', related: ['foot'] },
  foot: { names: ['Foot', 'heel round', 'heel and instep'], kind: 'round', posture: 'straight', starts: 'heel', ends: 'heel', steps: ['Over heel and instep, for a narrow trouser hem.'], usual: [10, 18], related: ['ankle'] },
} as const satisfies Record<string, Measure>;

export type MeasureId = keyof typeof measures;

/** Ids in taking order. */
export const measureIds = Object.keys(measures) as MeasureId[];

export const measureOf = (id: MeasureId): Measure => measures[id];

export const isMeasureId = (id: string): id is MeasureId => Object.hasOwn(measures, id);

/** The measure's first name in running text: `bust`, `half length`. */
export const measureName = (id: MeasureId): string => {
  const [name] = measureOf(id).names;
  return name.charAt(0).toLowerCase() + name.slice(1);
};

/** Measures that some shop calls by a name with this text in it, in taking order. */
export const measuresCalled = (text: string): MeasureId[] => {
  const sought = text.trim().toLowerCase();
  return measureIds.filter((id) =>
    [id, ...measureOf(id).names].some((name) => name.toLowerCase().includes(sought)),
  );
};
