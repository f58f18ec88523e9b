import type { components } from './schema';

type Schemas = components['schemas'];

export type User = Schemas['UserData'];
export type Workroom = Schemas['WorkroomData'];
export type Wearer = Schemas['WearerData'];
export type Card = Schemas['CardData'];
export type Reading = Schemas['ReadingData'];
export type Point = Schemas['PointData'];
export type Pattern = Schemas['PatternData'];
export type PatternDocument = Schemas['PatternDocument'];
export type Fault = Schemas['FaultData'];
export type Make = Schemas['MakeData'];
export type Choices = Schemas['ChoicesDocument'];
export type Plan = Schemas['PlanData'];
export type LevelPlan = Schemas['LevelData'];
export type Notch = Schemas['NotchData'];
export type Station = Schemas['StationData'];
export type SeamDrawing = Schemas['SeamDrawingData'];
export type Unit = User['unit'];
export type LevelName = LevelPlan['level'];
export type Finding = Schemas['FindingData'];
export type PointMeasure = Schemas['MeasureData'];
export type EarlierCard = Schemas['EarlierCardData'];
export type WearerPage = Schemas['WearerPageData'];
export type Import = Schemas['ImportData'];
export type TapeReading = Schemas['TapeReadingData'];
export type TapePairing = Schemas['TapeData'];
