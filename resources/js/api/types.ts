import type { components } from './schema';

type Schemas = components['schemas'];

export type User = Schemas['UserData'];
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
export type LevelPlan = Schemas['LevelData'];
export type Notch = Schemas['NotchData'];
export type Station = Schemas['StationData'];
export type SeamDrawing = Schemas['SeamDrawingData'];
export type CurvePart = Schemas['CurvePartData'];
export type Sheet = Schemas['SheetData'];
export type SizeLabels = 'shown' | 'hidden';
export type StripLine = 'seam' | 'with_allowance';
export type Drawing = Schemas['DrawingData'];
export type Unit = User['unit'];
export type LevelName = LevelPlan['level'];
export type Finding = Schemas['FindingData'];
export type PointMeasure = Schemas['MeasureData'];
export type EarlierCard = Schemas['EarlierCardData'];
export type MeasuringGuide = Schemas['MeasuringGuideData'];
export type PointHistory = Schemas['HistoryData'];
export type WearerPage = Schemas['WearerPageData'];
export type Import = Schemas['ImportData'];
export type TapeReading = Schemas['TapeReadingData'];
export type TapePairing = Schemas['TapeData'];
export type ChartPreview = Schemas['ChartPreviewData'];
export type ChartPreviewRow = Schemas['ChartPreviewRowData'];
export type ChartMeaning = NonNullable<PatternDocument['chart_means']>;
export type PatternGuide = Schemas['PatternGuideData'];
export type Cups = NonNullable<PatternDocument['cups']>;
export type FlatCheck = NonNullable<NonNullable<PatternDocument['flat_checks']>[LevelName]>;
export type FlatPanel = FlatCheck['panels'][number];
export type CupLine = NonNullable<Cups['table']>[number];
/** Of a pasted table beside the charts: the lists that it fills. */
export type PastedPart = Omit<Schemas['PastedPartData'], 'entries'> & {
    entries: Pick<PatternDocument, 'fabric_needs' | 'notions' | 'finished_by'> & { cups?: CupLine[] };
};
export type Range = NonNullable<PatternDocument['ranges']>[number];
export type House = Schemas['HouseData'];
export type BinEntry = Schemas['BinEntryData'];
export type Habits = Schemas['HabitsDocument'];
export type Alternative = Schemas['AlternativeData'];
export type WhyNot = Schemas['WhyNotData'];
export type Lead = Plan['frame']['lead'];
