import type { Measure } from './measure.ts';

const fromShoulder = (to: string): readonly [string, ...string[]] => [
  'Start at the neck side of the shoulder, or its middle; the set says which.',
  to,
];
const snug = 'Snug, level with the floor, one finger under the tape.';

/**
 * Every measure of the trade in taking order: across the back, downs, rounds from the top, arm, below the waist.
 * Names, paths and order are common practice; ISO 8559-1 names are from memory.
 */
// prettier-ignore
export const measures = {
  height: { names: ['Height', 'stature'], kind: 'length', steps: ['Back to a wall, no shoes.', 'Floor to crown.'], standard: 'stature', related: ['frontWaistLength'] },
  heelHeight: { names: ['Heel height'], kind: 'length', steps: ['The heel of the shoe worn for full lengths.'], related: ['fullLength'] },
  shoulder: { names: ['Shoulder', 'shoulder to shoulder'], kind: 'across', steps: ['Bone to bone over the back.'], standard: 'total shoulder width', related: ['shoulderLength', 'acrossBack'] },
  shoulderLength: { names: ['Shoulder length', 'one shoulder'], kind: 'across', steps: ['Neck base to shoulder bone, one side.'], standard: 'shoulder length', related: ['shoulder'] },
  acrossChest: { names: ['Across chest', 'chest width'], kind: 'across', steps: ['Front, armpit crease to armpit crease, flat.'], standard: 'across chest width', related: ['shoulder', 'acrossBack'] },
  acrossBack: { names: ['Across back', 'back width'], kind: 'across', steps: ['Back, armpit crease to armpit crease, flat.'], standard: 'across back width', related: ['shoulder', 'acrossChest'] },
  bustSpan: { names: ['Bust span', 'span', 'nipple to nipple', 'apex to apex'], kind: 'across', steps: ['Bust point to bust point.'], standard: 'bust point width', related: ['bust'] },
  shoulderToBust: { names: ['Bust point', 'shoulder to bust', 'nipple line'], kind: 'down', steps: fromShoulder('Down to the fullest point of the bust.'), standard: 'neck shoulder point to bust point', related: ['shoulderToUnderBust', 'frontWaistLength'] },
  shoulderToUnderBust: { names: ['Under bust, down', 'shoulder to under bust'], kind: 'down', steps: fromShoulder('Over the bust to the crease under it.'), related: ['shoulderToBust', 'frontWaistLength'] },
  frontWaistLength: { names: ['Half length', 'front waist length', 'shoulder to waist'], kind: 'down', steps: fromShoulder('Over the bust to the natural waist; the tape bridges, not pressed in.'), standard: 'neck shoulder point to waist over bust', related: ['backWaistLength', 'height'] },
  centreFrontLength: { names: ['Centre front', 'neck hollow to waist'], kind: 'down', steps: ['Hollow of the collar bones to the waist.'], standard: 'front neck point to waist', related: ['frontWaistLength'] },
  backWaistLength: { names: ['Back waist', 'back waist length'], kind: 'down', steps: fromShoulder('Down the back to the natural waist.'), related: ['frontWaistLength', 'napeToWaist'] },
  napeToWaist: { names: ['Nape to waist'], kind: 'down', steps: ['Neck bone to waist, down the centre back.'], standard: 'back neck point to waist', related: ['backWaistLength'] },
  sideLength: { names: ['Side length'], kind: 'down', steps: ['One inch under the armpit to waist, arm down.'], related: ['frontWaistLength'] },
  shoulderToHip: { names: ['Shoulder to hip'], kind: 'down', steps: fromShoulder('Down to the fullest hip.'), related: ['waistToHip'] },
  shoulderToKnee: { names: ['Shoulder to knee'], kind: 'down', steps: fromShoulder('Down to the knee.'), related: ['waistToKnee'] },
  shoulderToCalf: { names: ['Shoulder to calf'], kind: 'down', steps: fromShoulder('Down to the calf.'), related: ['shoulderToKnee'] },
  shoulderToAnkle: { names: ['Shoulder to ankle'], kind: 'down', steps: fromShoulder('Down to the ankle.'), related: ['fullLength'] },
  fullLength: { names: ['Full length', 'dress length'], kind: 'down', steps: fromShoulder('Down to the floor or the chosen hem, heel on.'), related: ['heelHeight'] },
  neck: { names: ['Neck', 'neck base'], kind: 'round', steps: ['Around the base of the neck.'], standard: 'neck base girth', related: ['shoulderLength'] },
  highBust: { names: ['High bust', 'chest above the bust'], kind: 'round', steps: ['Under the arms, above the bust.', snug], standard: 'upper chest girth', related: ['bust'] },
  bust: { names: ['Bust', 'chest', 'round bust'], kind: 'round', steps: ['Over the fullest point, level all round.', snug], standard: 'bust girth', related: ['highBust', 'underBust'] },
  underBust: { names: ['Under bust', 'band'], kind: 'round', steps: ['Where the band sits.', snug], standard: 'under-bust girth', related: ['bust', 'waist'] },
  waist: { names: ['Waist', 'natural waist', 'round waist'], kind: 'round', steps: ['Where a side bend folds, near elbow level.', snug], standard: 'waist girth', related: ['hip', 'underBust'] },
  lowWaist: { names: ['Low waist'], kind: 'round', steps: ['2 to 2½ in below the waist.', snug], related: ['waist', 'highHip'] },
  highHip: { names: ['High hip'], kind: 'round', steps: ['Over the hip bones.', snug], standard: 'high hip girth', related: ['hip'] },
  hip: { names: ['Hip', 'seat', 'round hip'], kind: 'round', steps: ['Fullest seat, feet together.', snug], standard: 'hip girth', related: ['waist', 'highHip'] },
  shoulderRound: { names: ['Round both shoulders'], kind: 'round', steps: ['Around both shoulders where a cape’s edge sits.'], related: ['offShoulderRound'] },
  offShoulderRound: { names: ['Off-shoulder round'], kind: 'round', steps: ['Around both arms and the body at the off-shoulder level.'], related: ['acrossChest', 'acrossBack'] },
  head: { names: ['Head'], kind: 'round', steps: ['Fullest head, over the ears.'], standard: 'head girth', related: [] },
  armhole: { names: ['Armhole', 'armscye'], kind: 'round', steps: ['Over the shoulder bone and under the arm.', 'Arm down, one finger under the tape.'], standard: 'armscye girth', related: ['upperArm'] },
  upperArm: { names: ['Upper arm, flexed', 'biceps'], kind: 'round', steps: ['Arm flexed, widest, about 3 in below the shoulder.'], standard: 'upper arm girth', related: ['armhole', 'elbow'] },
  elbow: { names: ['Elbow'], kind: 'round', steps: ['Around the bent elbow.'], standard: 'elbow girth', related: ['upperArm', 'wrist'] },
  wrist: { names: ['Wrist'], kind: 'round', steps: ['Around the wrist bone.'], standard: 'wrist girth', related: ['hand'] },
  hand: { names: ['Hand'], kind: 'round', steps: ['Thumb tucked in, around the knuckles.'], standard: 'hand girth', related: ['wrist'] },
  elbowSleeveRound: { names: ['Round elbow sleeve'], kind: 'round', steps: ['Two fingers above the elbow.'], related: ['elbow'] },
  threeQuarterRound: { names: ['Round three-quarter sleeve'], kind: 'round', steps: ['Half-way from elbow to wrist.'], related: ['elbow', 'wrist'] },
  armLength: { names: ['Arm length', 'long sleeve'], kind: 'length', steps: ['Elbow slightly bent.', 'Shoulder bone over the elbow to the wrist.'], standard: 'arm length', related: ['shoulderToElbow'] },
  underarmLength: { names: ['Underarm length'], kind: 'length', steps: ['Armpit to wrist.'], standard: 'underarm length', related: ['armLength'] },
  shoulderToElbow: { names: ['Shoulder to elbow', 'short sleeve'], kind: 'length', steps: ['Shoulder bone to the bent elbow.'], standard: 'upper arm length', related: ['armLength'] },
  waistToHip: { names: ['Waist to hip'], kind: 'down', steps: ['At the side, waist string to the fullest hip.'], standard: 'waist to hip', related: ['hip'] },
  waistToKnee: { names: ['Waist to knee'], kind: 'down', steps: ['At the side, waist string to the knee.'], standard: 'waist to knee', related: ['waistToFloor'] },
  waistToAnkle: { names: ['Waist to ankle'], kind: 'down', steps: ['At the side, waist string to the ankle bone.'], related: ['waistToFloor'] },
  waistToFloor: { names: ['Outseam', 'waist to floor'], kind: 'down', steps: ['At the side, waist string to the floor.'], standard: 'outside leg length', related: ['inseam', 'crotchDepth'] },
  inseam: { names: ['Inseam', 'inside leg'], kind: 'length', steps: ['Crotch to floor.'], standard: 'inside leg length', related: ['waistToFloor'] },
  crotchDepth: { names: ['Crotch depth', 'body rise'], kind: 'derived', steps: ['Outseam less inseam; may be measured sitting.'], standard: 'body rise', related: ['waistToFloor', 'inseam'] },
  crotchLength: { names: ['Crotch length'], kind: 'length', steps: ['Front waist, under, to back waist.'], standard: 'total crotch length', related: ['crotchDepth'] },
  trouserWaist: { names: ['Trouser waist'], kind: 'round', steps: ['Where trousers or a skirt are worn; note the drop below the waist.'], related: ['waist'] },
  thigh: { names: ['Thigh'], kind: 'round', steps: ['Widest, just under the seat.'], standard: 'thigh girth', related: ['knee'] },
  knee: { names: ['Knee'], kind: 'round', steps: ['Around the knee, slightly bent.'], standard: 'knee girth', related: ['calf'] },
  calf: { names: ['Calf'], kind: 'round', steps: ['Widest calf.'], standard: 'calf girth', related: ['ankle'] },
  ankle: { names: ['Ankle'], kind: 'round', steps: ['Over the ankle bone.'], standard: 'ankle girth', related: ['foot'] },
  foot: { names: ['Foot'], kind: 'round', steps: ['Over heel and instep, for a narrow trouser hem.'], related: ['ankle'] },
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
