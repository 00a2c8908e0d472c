/** What the yard shows below its answer: loaded once that is painted (decision 20). */
export { AnimalList } from './AnimalList';
export { BayNote } from './BayNote';
export { DeviceNewsCard } from './DeviceNewsCard';
export { DueCard } from './DueCard';
export { KeyList } from './KeyList';
export { Outlook } from './Outlook';
export { SettleOffer } from './SettleOffer';
export { WhatCounts } from './WhatCounts';
