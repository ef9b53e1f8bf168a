import type { Wording } from '../wine/reason';
import type { ClassifyReasonId } from './classify';

export const classifyWording: Wording<ClassifyReasonId> = {
  'at-least': (a) =>
    a['holds'] === 'yes'
      ? `${a['fact']}: ${a['value']} ${a['unit']} is at least ${a['limit']}`
      : `${a['fact']}: ${a['value']} ${a['unit']} is known, ${a['limit']} is asked`,
  'at-most': (a) =>
    a['holds'] === 'yes'
      ? `${a['fact']}: ${a['value']} ${a['unit']} is at most ${a['limit']}`
      : `${a['fact']}: ${a['value']} ${a['unit']} is more than ${a['limit']}`,
  between: (a) => `${a['fact']}: ${a['value']} ${a['unit']}, ${a['low']} to ${a['high']} is asked`,
  is: (a) => `${a['value']}`,
  'is-not': (a) => `${a['fact']} is ${a['value']}; ${a['wanted']} is asked`,
  'no-rule': () => 'no rule of ours for this name: its specification decides',
  'own-rule': (a) => `${a['what']}: a rule of its own decides`,
  'partly-fermented': (a) => `${a['abv']} % vol is less than three fifths of the ${a['total']} % vol its sugar and its alcohol come to`,
  'no-category': () => 'no category of ours fits what is known of it',
  'asked-elsewhere': (a) => `${a['fact']}: ${a['value']} ${a['unit']} is known; ${a['limit']} or ${a['other']} is asked, by ${a['by']}`,
  'either-term': (a) => `exactly ${a['sugar']} g/L: it could instead be called ${a['other']}, not both`,
  'by-its-name': () => 'a protected designation is of its place alone',
  'shares-impossible': () => 'the shares of its grapes cannot all hold: they do not come to 100 %',
  missing: (a) => `${a['fact']} is not known`,
  'share-enough': (a) => `${a['low'] === a['high'] ? `${a['low']} %` : `at least ${a['low']} %`} of ${a['grape']}; ${a['limit']} % is asked`,
  'share-short': (a) => `at most ${a['high']} % of ${a['grape']}; ${a['limit']} % is asked`,
  'share-unsure': (a) => `the share of ${a['grape']} may be anything from ${a['low']} to ${a['high']} %; ${a['limit']} % is asked`,
  minus: (a) => `${a['sugar']} g/L of sugar less ${a['acidity']} of acidity is ${a['holds'] === 'yes' ? 'at most' : 'more than'} ${a['limit']}`,
};
