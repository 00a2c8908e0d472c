/** The electric fence: strands, the line, and what is looked at of it. */
import { earthAtMost } from '@/core/tables/shocking';
import { groundNames, touchingNames } from '../names';
import { yesNoWords, type AllWords } from './attribute-words';

const cleared = 'clear what touches it, energizer off first; on again before dark.';

export const fenceWords = {
  'strand.height': {
    ask: {
      title: 'Height of the strand',
      todo: 'A strand is one electric wire. Off at the energizer first. From the ground to the wire, here.',
      short: 'height of the strand',
    },
    sort: 'strands',
    tonight: cleared,
  },
  'strand.standOff': {
    ask: {
      title: 'How far out is the strand?',
      todo: 'From the mesh to the wire; 0 where it stands free.',
      short: 'stand-off of the strand',
    },
    sort: 'strands',
    tonight: cleared,
  },
  'strand.touching': {
    ask: {
      title: 'What touches the strand?',
      todo: 'The worst of it along this bay.',
      short: 'what touches the strand',
    },
    answers: touchingNames,
    sort: 'strands',
    tonight: cleared,
  },
  'opening.crossed': {
    ask: ({ opening = 'gate' }) => ({
      title: `Does the line run across the ${opening}?`,
      todo: 'With a handle that is hooked on, at the same height as beside it. A lead buried under it does not count.',
      short: `line across the ${opening}`,
    }),
    answers: {
      yes: ['yes, hooked on', ''],
      no: ['no', 'behind it nothing is covered'],
    },
    sort: 'strands',
    tonight: cleared,
  },
  'opening.hooked': {
    ask: ({ opening = 'gate' }) => ({
      title: `Is the handle at the ${opening} hooked on?`,
      todo: 'Off at the energizer, unhook, through, hook, on again. Unhooked, all beyond it is dead.',
      short: `handle at the ${opening}`,
    }),
    answers: {
      yes: ['hooked on', ''],
      no: ['off', 'all beyond it is dead'],
    },
    sort: 'strands',
    tonight: 'hook the handle on, energizer off first; on again before dark.',
  },
  'strand.volts': {
    ask: {
      title: 'Volts on the wire here',
      todo: 'With a fence tester on this wire, in kilovolts. Never by hand.',
      short: 'volts on the wire here',
    },
    sort: 'volts',
    tonight: cleared,
  },
  'fence.open': {
    ask: {
      title: 'Volts with the line off it',
      todo: 'Switch off, take the line off the energizer, switch on, tester on its live post, in kilovolts. Switch off before the line goes back on.',
      short: 'energizer by itself',
    },
    sort: 'volts',
    tonight: 'charge the battery or have the energizer seen to.',
  },
  'fence.ground': {
    ask: {
      title: 'How is the ground under the line?',
      todo: 'As it is now. Dry or frozen ground keeps the current from the paws, whatever the tester shows.',
      short: 'the ground today',
    },
    answers: groundNames,
    sort: 'volts',
    tonight: 'wet the ground at the stake, or run an earthed wire beside the live one.',
  },
  'fence.rods': {
    ask: {
      title: 'How many earth rods are there?',
      todo: 'Those that are clamped to the lead of this energizer, and no others.',
      short: 'earth rods',
    },
    sort: 'volts',
    tonight: 'wet the ground round the rods.',
  },
  'fence.back': {
    ask: {
      title: 'By what does the current come back?',
      todo: 'Follow the lead from the earth terminal.',
      short: 'the way back of the current',
    },
    answers: {
      ground: ['through the ground', 'dry, frozen or under snow it carries little'],
      'earth-wire': ['by an earthed wire', 'what touches both wires is shocked on any ground'],
      mesh: ['by the mesh at its foot', 'joined to the rods'],
    },
    sort: 'volts',
    tonight: 'wet the ground under the line.',
  },
  'fence.volts': {
    ask: {
      title: 'Volts on the line',
      todo: 'With a fence tester at the far end, in kilovolts. Never by hand.',
      short: 'volts on the line',
    },
    sort: 'volts',
    tonight: 'charge the battery, wet the earth stake, clear the line, energizer off first.',
  },
  'check.voltsNear': {
    ask: {
      title: 'Volts near the energizer',
      todo: 'With a fence tester where the line begins, in kilovolts. Never by hand.',
      short: 'volts at the energizer',
    },
  },
  'check.earth': {
    ask: {
      title: 'Volts on the earth stake',
      todo: `Off; short the far end until it reads under 2 kV; on; tester on the stake, its probe a metre off. Off, short away. Up to ${earthAtMost.value} kV is common practice; more: too small or too dry.`,
      short: 'volts on the earth stake',
    },
  },
  'check.battery': {
    ask: {
      title: 'The battery?',
      todo: 'What feeds the energizer today.',
      short: 'the battery',
    },
    answers: {
      mains: ['runs from a listed mains unit', ''],
      full: ['charged', ''],
      low: ['low', 'volts fall quietly'],
      flat: ['flat', 'nothing is on the wire'],
    },
  },
  'check.restVolts': {
    ask: {
      title: 'Volts of the battery at rest',
      todo: 'Off the energizer and off the charger for two hours, multimeter on its poles. Sparks and acid: read its label.',
      short: 'battery at rest',
    },
  },
  'check.on': {
    ask: {
      title: 'Switched on again?',
      todo: 'Off to go in, and back on: is it on now, at the hours you keep?',
      short: 'switched on again',
    },
    answers: yesNoWords,
  },
  'check.signs': {
    ask: {
      title: 'Warning signs up?',
      todo: 'Readable from every side people come from. Local rules say how many.',
      short: 'warning signs',
    },
    answers: yesNoWords,
  },
  'check.joined': {
    ask: {
      title: 'Part of a longer fence?',
      todo: 'A fault far off takes these volts too. Never two energizers on one line, never mains.',
      short: 'a longer fence',
    },
    answers: yesNoWords,
  },
} satisfies Partial<AllWords>;
