import { benchFigureRoutes, chartRoutes, figureRoutes, measureValueRoutes } from './charts';
import { dashboardRoutes, linkRoutes, sharingRoutes } from './dashboards';
import type { Database } from './database';
import { deliveryRoutes } from './deliveries';
import { type FigureReader, wordFinder } from './frames';
import { type Routes, standingRoutes } from './http';
import { liveRoutes } from './live';
import { measureRoutes } from './measures';
import { noteRoutes } from './notes';
import { leavingRoutes } from './leaving';
import { accountRoutes, auditRoutes, keyRoutes, peopleRoutes, secondFactorRoutes } from './people';
import { sourceRoutes } from './sources';
import { writingRoutes } from './writing';

/** Every route of the API, by how it is worked on. */
export const makeRoutes = (database: Database, figures: FigureReader, demo: boolean): Routes => ({
  standing: [standingRoutes(database)],
  reading: [figureRoutes(database, figures)],
  streaming: [
    deliveryRoutes(database),
    writingRoutes(database, figures),
    benchFigureRoutes(database, figures),
    measureValueRoutes(database, figures),
  ],
  live: [liveRoutes(database)],
  usual: [
    peopleRoutes(database, demo),
    accountRoutes(database),
    keyRoutes(database),
    secondFactorRoutes(database),
    leavingRoutes(database),
    auditRoutes(database),
    dashboardRoutes(database),
    sharingRoutes(database),
    linkRoutes(database),
    chartRoutes(database),
    noteRoutes(database),
    sourceRoutes(database, wordFinder(database, figures)),
    measureRoutes(database),
  ],
});
