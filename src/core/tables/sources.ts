/** Where figures come from. Every citation is written from memory (see `Mark`). */
export const sources = {
  'pcwd-foxes':
    'Phillips & Schmidt, “Foxes”, in Hygnstrom, Timm & Larson (eds), Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-mink': 'Boggess, “Mink”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-raccoons':
    'Boggess, “Raccoons”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-weasels':
    'Henderson, “Weasels”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-coyotes':
    'Green, Henderson & Collinge, “Coyotes”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-mice':
    'Timm, “House mice”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-snakes':
    'Byford, “Nonpoisonous snakes”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-rats':
    'Timm, “Norway rats”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-cougars':
    'Knight, “Mountain lions”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'pcwd-bears':
    'Hygnstrom, “Black bears”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994; state guides',
  bbt: 'Baker, Bodman & Timm, “Rodent-proof construction”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  'dm-fences':
    'Day & MacGibbon, “Multiple-species exclusion fencing”, in Managing Vertebrate Invasive Species, USDA 2007',
  'pcwd-badgers':
    'Lindzey, “Badgers”, in Prevention and Control of Wildlife Damage, Univ. Nebraska 1994',
  ha59: 'Design Manual for Roads and Bridges HA 59 (badger fencing beside British roads)',
  'long-robley':
    'Long & Robley, Cost Effective Feral Animal Exclusion Fencing, Australian Government 2004',
  'clapperton-day': 'Clapperton & Day, DOC Science Internal Series 14, New Zealand 2001',
  'moseby-read': 'Moseby & Read, Biological Conservation 127:429, 2006',
  'wire-gauges': 'US Steel Wire Gauge (Washburn & Moen)',
  'astm-a390': 'ASTM A390 and EN 10223-2, hexagonal wire netting',
  'astm-f567': 'ASTM F567 and A392, chain link',
  'free-range-losses':
    'Moberly, White & Harris, Veterinary Record 155:48, 2004 (British free-range flocks, foxes); Bestman & Bikker-Ouwejan, Animals 10:177, 2020 (Dutch free-range flocks)',
  'sign-keys':
    'Wade & Bowns, Procedures for Evaluating Predation, Texas A&M B-1429, 1982; the chapters of Prevention and Control of Wildlife Damage, 1994; Jacob, Predator management, Univ. Kentucky',
  'green-book':
    'IEEE Std 142 (Green Book), Recommended Practice for Grounding of Industrial and Commercial Power Systems',
  'ieee-80': 'IEEE Std 80, Guide for Safety in AC Substation Grounding',
  dwight: 'Dwight, “Calculation of resistances to ground”, Electrical Engineering 55:1319, 1936',
  iec: 'IEC 60335-2-76, electric fence energizers, and its Annex BB',
  resistivity: 'Resistivity of the metal over its cross-section; handbook values',
  'hen-directive':
    'Directive 1999/74/EC and the British code for laying hens; EU marketing standards for free-range eggs (commercial flocks)',
  trade: 'What keepers and builders of runs do; no printed source',
  rookle: 'Set by Rookle so that a judgement can be made; open to correction',
} as const;

/** Id of a source. */
export type SourceId = keyof typeof sources;
