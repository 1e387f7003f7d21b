import { sayBytes } from '../../core/values';
import { settings } from '../settings';

/** How much of something one person, or one thing of theirs, may hold. */
export interface Quota {
  most: number;
  /** what is said when it is full */
  sentence: (most: string) => string;
}

const remove = 'Remove what is not needed any more, then try again.';

/** Every quota: its number stands in the settings. */
export const quotas = {
  dashboards: {
    most: settings.dashboardsOfPerson,
    sentence: (most) => `You own ${most} dashboards, and there can be no more. ${remove}`,
  },
  people: {
    most: settings.peopleOfDashboard,
    sentence: (most) =>
      `This dashboard is shared with ${most} people, and no more can be. ${remove}`,
  },
  links: {
    most: settings.linksOfDashboard,
    sentence: (most) => `This dashboard has ${most} links, and can have no more. ${remove}`,
  },
  charts: {
    most: settings.chartsOfDashboard,
    sentence: (most) => `This dashboard has ${most} charts, and can have no more. ${remove}`,
  },
  notes: {
    most: settings.notesOfDashboard,
    sentence: (most) => `This dashboard has ${most} notes, and can have no more. ${remove}`,
  },
  ownNotes: {
    most: settings.notesOfPerson,
    sentence: (most) => `You have written ${most} notes here, and can write no more. ${remove}`,
  },
  sources: {
    most: settings.sourcesOfPerson,
    sentence: (most) => `You have ${most} sources, and can have no more. ${remove}`,
  },
  measures: {
    most: settings.measuresOfSource,
    sentence: (most) => `This source has ${most} measures, and can have no more. ${remove}`,
  },
  rows: {
    most: settings.rowsOfPerson,
    sentence: (most) =>
      `Your sources hold ${most} rows at most, all their versions together. Remove sources that are not needed any more, then bring the file in.`,
  },
  bytes: {
    most: settings.bytesOfPerson,
    sentence: () =>
      `Your files, and the rows of your sources in all their versions, take ${sayBytes(settings.bytesOfPerson)} at most. Remove sources that are not needed any more, then try again.`,
  },
} satisfies Record<string, Quota>;
export type Quotas = keyof typeof quotas;
