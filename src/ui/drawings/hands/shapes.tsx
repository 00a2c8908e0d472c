/** What hands, tape or eyes do for a reading: one drawing each. Which is whose stands in attribute-drawings.tsx. */
import type { ReactNode } from 'react';
import { Circle, Line } from 'react-native-svg';
import { color } from '../../theme/tokens';
import { Bird, Box, Eye, Ground, Hand, Panel, Stroke, Tape, Way, Wire } from './parts';

export const look = (
  <>
    <Panel />
    <Eye x={48} y={28} />
  </>
);

export const gapUnder = (
  <>
    <Ground />
    <Panel height={36} />
    <Tape x={48} from={40} to={57} />
  </>
);

export const doorAjar = (
  <>
    <Ground />
    <Box at={[20, 6, 56, 50]} />
    <Box at={[25, 10, 44, 46]} fill={color.ground} />
  </>
);

/** What hands do depends on how the opening moves. */
export const pulled: Readonly<Record<'pop-door' | 'lid' | 'door', ReactNode>> = {
  door: (
    <>
      {doorAjar}
      <Hand x={92} y={18} turn={180} />
      <Way d="M70 34L88 44" head="M88 44l-8 0m8 0l-3 -7" />
    </>
  ),
  'pop-door': (
    <>
      <Ground />
      <Box at={[28, 4, 40, 40]} fill={color.ground} />
      <Hand x={48} y={64} turn={-90} />
      <Way d="M76 48V18" head="M76 18l-6 8m6 -8l6 8" />
    </>
  ),
  lid: (
    <>
      <Box at={[18, 30, 60, 34]} fill={color.ground} />
      <Stroke d="M18 30L78 14" width={4} />
      <Hand x={94} y={24} turn={180} />
      <Way d="M86 52V38" head="M86 38l-5 6m5 -6l5 6" />
    </>
  ),
};

export const volts = (
  <>
    <Ground />
    <Wire y={24} />
    <Box at={[40, 28, 16, 24]} fill={color.paper} />
    <Stroke d="M48 28V24M50 33l-5 7h6l-5 7" width={2} />
    <Stroke d="M48 52v14" />
  </>
);

export const skirtFlat = (
  <>
    <Ground at={40} />
    <Stroke d="M22 4V40M22 44H80" width={3} />
    <Tape x={54} from={24} to={82} flat />
  </>
);

export const latch = (
  <>
    <Box at={[8, 12, 36, 48]} fill={color.ground} />
    <Box at={[48, 12, 36, 48]} fill={color.ground} />
    <Box at={[28, 30, 36, 10]} fill={color.paper} />
    <Circle cx={34} cy={35} r={3} fill={color.ink} />
  </>
);

export const house = <Stroke d="M16 34L48 10L80 34M22 30V62H74V30" />;

export const edgeLifted = (
  <>
    <Ground />
    <Panel height={36} lifted={4} />
    <Hand x={48} y={60} turn={-90} />
    <Way d="M82 50V26" head="M82 26l-6 8m6 -8l6 8" />
  </>
);

export const spade = (
  <>
    <Ground at={34} />
    <Stroke d="M48 2V40M40 2H56M40 40H56L52 60H44Z" />
  </>
);

export const dugUnder = (
  <>
    <Ground />
    <Panel height={40} />
    <Stroke d="M30 56Q40 72 56 58M58 58q8 -10 16 -2" />
  </>
);

export const wireFloor = (
  <>
    <Ground at={40} />
    <Stroke d="M10 48H86M10 54H86M20 46V58M34 46V58M48 46V58M62 46V58M76 46V58" width={1.5} />
    <Bird x={48} y={34} />
  </>
);

export const frameLifted = (
  <>
    <Ground />
    <Panel height={40} lifted={3} />
    <Hand x={4} y={40} />
    <Way d="M90 50V24" head="M90 24l-5 7m5 -7l5 7" />
  </>
);

export const peg = (
  <>
    <Ground at={34} />
    <Stroke d="M34 24H48V62" width={4} />
    <Tape x={66} from={34} to={63} />
  </>
);

/** A screwdriver pushed into the beam that the wall stands on. */
export const timberProbed = (
  <>
    <Ground at={54} />
    <Panel y={4} height={32} />
    <Box at={[8, 38, 80, 15]} fill={color.ground} />
    <Stroke d="M66 24L52 46" width={3} />
    <Stroke d="M78 5L67 22" width={9} />
  </>
);

export const skirtDown = (
  <>
    <Ground at={32} />
    <Stroke d="M36 2V64" width={3} />
    <Tape x={52} from={32} to={66} />
  </>
);

export const skirtPulled = (
  <>
    <Ground at={44} />
    <Stroke d="M26 4V44M26 44H72" width={3} />
    <Hand x={92} y={32} turn={180} />
    <Way d="M48 38V20" head="M48 20l-5 7m5 -7l5 7" />
  </>
);

export const meshMeasured = (
  <>
    <Box at={[14, 10, 68, 52]} />
    <Tape x={36} from={17} to={79} flat />
  </>
);

export const fixings = (
  <>
    <Panel />
    <Circle cx={22} cy={16} r={5} fill={color.open} />
    <Circle cx={74} cy={16} r={5} fill={color.open} />
    <Circle cx={22} cy={40} r={5} fill={color.open} />
    <Circle cx={74} cy={40} r={5} fill={color.open} />
  </>
);

export const panelPulled = (
  <>
    <Panel x={8} width={60} height={48} />
    <Hand x={94} y={30} turn={180} />
    <Way d="M60 60H84" head="M84 60l-7 -5m7 5l-7 5" />
  </>
);

export const hole = (
  <>
    <Panel height={48} />
    <Circle cx={50} cy={32} r={11} fill={color.field} stroke={color.open} strokeWidth={3} />
    <Tape x={32} from={39} to={61} flat />
  </>
);

export const roost = (
  <>
    <Stroke d="M12 4V68" width={3} />
    <Bird x={68} y={34} />
    <Stroke d="M56 42H90" width={4} />
    <Tape x={58} from={12} to={66} flat />
  </>
);

export const doorGap = (
  <>
    {doorAjar}
    <Tape x={30} from={62} to={88} flat />
  </>
);

export const latchWorked = (
  <>
    {latch}
    <Hand x={94} y={35} turn={180} />
  </>
);

export const strandUp = (
  <>
    <Ground />
    <Wire y={24} />
    <Tape x={48} from={24} to={57} />
  </>
);

export const strandOut = (
  <>
    <Ground />
    <Stroke d="M22 4V56" width={3} />
    <Stroke d="M22 26H64" />
    <Circle cx={66} cy={26} r={5} fill={color.strand} stroke={color.ink} strokeWidth={2} />
    <Tape x={40} from={23} to={66} flat />
  </>
);

export const strandTouched = (
  <>
    <Ground />
    <Wire y={30} />
    <Stroke d="M44 56Q42 40 38 26M50 56Q50 38 56 22M56 56Q60 44 66 34" />
  </>
);

export const earthStake = (
  <>
    <Ground at={30} />
    <Stroke d="M44 14V66" width={4} />
    <Stroke d="M44 16Q66 10 72 22M72 22v14" />
    <Box at={[64, 34, 18, 20]} fill={color.paper} />
  </>
);

export const batteryBox = (
  <>
    <Box at={[18, 22, 60, 36]} fill={color.ground} />
    <Stroke d="M30 22V14H38V22M58 22V14H66V22M28 40H38M33 35V45M58 40H68" />
  </>
);

export const warningSign = (
  <>
    <Ground />
    <Wire y={20} />
    <Box at={[30, 22, 36, 22]} fill={color.strand} />
    <Stroke d="M50 25l-6 8h7l-5 8" width={2} />
  </>
);

export const eavesTapped = (
  <>
    {house}
    <Hand x={88} y={58} turn={-120} />
  </>
);

export const loadedRoof = (
  <>
    <Stroke d="M10 34H86M16 34V66M80 34V66" />
    <Stroke d="M22 32Q30 16 44 24Q56 8 70 22Q78 24 78 32Z" />
  </>
);

export const lamp = (
  <>
    <Line x1={38} x2={44} y1={0} y2={20} stroke={color.ink} strokeWidth={2} />
    <Line x1={58} x2={52} y1={0} y2={20} stroke={color.ink} strokeWidth={2} />
    <Stroke d="M34 36Q36 20 48 20Q60 20 62 36Z" />
    <Circle cx={48} cy={40} r={5} fill={color.strand} />
    <Ground at={62} />
  </>
);

export const doorOut = (
  <>
    {doorAjar}
    <Way d="M44 36H86" head="M86 36l-8 -6m8 6l-8 6" />
  </>
);

export const headsInRow = (
  <>
    <Stroke d="M4 52H92" width={4} />
    <Bird x={22} y={42} />
    <Bird x={50} y={42} />
    <Bird x={78} y={42} />
  </>
);

export const doorTicked = (
  <>
    {doorAjar}
    <Stroke d="M34 32l9 9l17 -19" width={4} />
  </>
);

export const clock = (
  <>
    <Circle cx={48} cy={36} r={26} fill="none" stroke={color.ink} strokeWidth={2.5} />
    <Stroke d="M48 18V36L60 44" width={3} />
  </>
);

export const lyingUp = (
  <>
    <Ground />
    <Eye x={30} y={26} />
    <Stroke d="M58 56Q54 36 62 40Q66 22 76 38Q86 34 84 56" />
  </>
);

export const ladder = (
  <>
    <Ground />
    <Panel x={38} width={50} height={46} />
    <Stroke d="M12 56L44 12" width={5} />
  </>
);

export const branchOver = (
  <>
    <Panel y={30} height={34} />
    <Stroke d="M0 8Q40 4 84 22M30 7Q40 16 44 24M56 11Q66 6 74 4" width={3} />
  </>
);

export const hide = (
  <>
    <Ground />
    <Stroke d="M22 30H74M28 30V56M68 30V56" width={3} />
    <Bird x={46} y={46} />
    <Way d="M48 2V18" head="M48 18l-6 -7m6 7l6 -7" />
  </>
);

export const squarePen = (
  <>
    <Ground />
    <Panel height={48} />
    <Stroke d="M14 56V66M82 56V66" width={4} />
  </>
);
