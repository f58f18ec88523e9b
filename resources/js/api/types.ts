import type { components } from './schema';

type Schemas = components['schemas'];

export type User = Schemas['UserData'];
export type BringingLine = Schemas['BringingLineData'];
export type BroughtBack = Schemas['BroughtBackData'];
export type Device = Schemas['DeviceData'];
export type Holds = Schemas['HoldsData'];
export type Workroom = Schemas['WorkroomData'];
export type Wearer = Schemas['WearerData'];
export type Card = Schemas['CardData'];
export type Reading = Schemas['ReadingData'];
export type Point = Schemas['PointData'];
export type Pattern = Schemas['PatternData'];
type TypedPattern = Schemas['PatternDocument'];
type Worked = 'finished' | 'fabric' | 'levels' | 'seam';
/** A pattern as its page works on it: the parts that are written into piece by piece are there. */
export type PatternDocument = TypedPattern & { [Part in Worked]: NonNullable<TypedPattern[Part]> };
export type Fault = Schemas['FaultData'];
export type Make = Schemas['MakeData'];
export type Choices = Schemas['ChoicesDocument'];
export type Plan = Schemas['PlanData'];
export type Bench = Schemas['BenchData'];
export type KnownLevel = Bench['known'][number];
export type LevelPlan = Schemas['LevelData'];
export type Notch = Schemas['NotchData'];
export type Station = Schemas['StationData'];
export type SeamDrawing = Schemas['SeamDrawingData'];
export type CurvePart = Schemas['CurvePartData'];
export type CutSheet = Schemas['CutSheetData'];
export type SizeLabels = 'shown' | 'hidden';
export type StripLine = 'seam' | 'with_allowance';
export type Drawing = Schemas['DrawingData'];
export type Practice = Schemas['PracticeData'];
export type ReadTape = Schemas['ReadTapeData'];
export type Exercise = Practice['exercises'][number];
export type PracticeFigure = Practice['figures'][number];
export type Question = Schemas['QuestionData'];
export type Answered = Schemas['AnsweredData'];
export type Hand = Schemas['HandData'];
export type Unit = User['unit'];
export type LevelName = LevelPlan['level'];
export type CardWarning = Schemas['CardWarningData'];
export type PointMeasure = Schemas['MeasureData'];
export type EarlierCard = Schemas['EarlierCardData'];
export type MeasuringGuide = Schemas['MeasuringGuideData'];
export type PointHistory = Schemas['HistoryData'];
export type WearerPage = Schemas['WearerPageData'];
export type OwnGarment = NonNullable<Schemas['WardrobeDocument']['garments']>[number];
export type Import = Schemas['ImportData'];
export type TapeReading = Schemas['TapeReadingData'];
export type TapePairing = Schemas['TapeData'];
export type ChartPreview = Schemas['ChartPreviewData'];
export type ChartPreviewRow = Schemas['ChartPreviewRowData'];
export type ChartMeaning = NonNullable<PatternDocument['chart_means']>;
export type PatternGuide = Schemas['PatternGuideData'];
export type Cups = NonNullable<PatternDocument['cups']>;
/** Where the tissue can be measured: at the levels, and one sleeve. */
export type FlatPlace = keyof NonNullable<PatternDocument['flat_checks']>;
export type FlatCheck = NonNullable<NonNullable<PatternDocument['flat_checks']>[FlatPlace]>;
export type FlatPanel = FlatCheck['panels'][number];
export type CupLine = NonNullable<Cups['table']>[number];
/** Of a pasted table beside the charts: the lists that it fills. */
export type PastedPart = Omit<Schemas['PastedPartData'], 'entries'> & {
    entries: Pick<PatternDocument, 'fabric_needs' | 'notions' | 'finished_by' | 'pieces' | 'views'> & {
        /** The rule of the pattern where `range` is null, else of one envelope. */
        /** The bust by size, where a table of cups gives that. */
        cup_rows?: {
            chart: 'body_chart' | 'finished';
            cup: string;
            figures: (string | null)[];
        }[];
        cup_rules?: { range: string | null; measure: Cups['measure'] | null; table: CupLine[] }[];
    };
};
export type Range = NonNullable<PatternDocument['ranges']>[number];
export type House = Schemas['HouseData'];
export type BinEntry = Schemas['BinEntryData'];
export type Habits = Schemas['HabitsDocument'];
export type Alternative = Schemas['AlternativeData'];
export type WhyNot = Schemas['WhyNotData'];
export type Lead = Plan['frame']['lead'];
export type Nest = Schemas['NestData'];
export type NestMarks = Schemas['NestMarksDocument'];
export type NestPages = Schemas['NestPagesData'];
export type Sheets = Schemas['SheetsData'];
export type NestLine = Schemas['NestDrawnLineData'];
export type MakeNest = Schemas['MakeNestData'];
export type NestLines = Schemas['NestLinesData'];
export type Fitting = Schemas['FittingData'];
export type FittingDocument = Schemas['FittingDocument'];
export type FittingFinding = NonNullable<FittingDocument['findings']>[number];
export type OwnLine = NonNullable<FittingDocument['own_lines']>[number];
export type Verdict = Schemas['VerdictDocument'];
export type Trial = Schemas['TrialData'];
export type Offers = Schemas['OffersData'];
export type Learned = Schemas['LearnedData'];
export type ClothPage = Schemas['ClothData'];
export type Cloth = Schemas['ClothDocument'];
export type History = Schemas['HistoryPageData'];
export type CompanyHead = Schemas['CompanyHeadData'];
export type CompanyRow = Schemas['CompanyRowData'];
export type CompanySums = Schemas['CompanySumsData'];
export type CompanyLine = Schemas['CompanyLineData'];
export type WhichPattern = Schemas['WhichPatternData'];
export type WhatIf = Schemas['WhatIfData'];
