import type { components } from "./schema";

type Schemas = components["schemas"];

export type Answer = Schemas["Answer"];
export type Bottle = Schemas["BottleView"];
export type Caution = Schemas["CautionView"];
export type Check = Schemas["AddCheck"];
export type Finding = Schemas["FindingView"];
export type Forecast = Schemas["ForecastView"];
export type Garden = Schemas["GardenView"];
export type Load = Schemas["LoadView"];
export type Method = Schemas["MethodView"];
export type Mix = Schemas["MixView"];
export type MixRequest = Schemas["MixRequest"];
export type Place = Schemas["PlaceView"];
export type Planting = Schemas["PlantingView"];
export type Pot = Schemas["PotView"];
export type PotSummary = Schemas["PotSummary"];
export type Recipe = Schemas["RecipeView"];
export type RecipeRequest = Schemas["RecipeRequest"];
export type Vessel = Schemas["VesselView"];
export type Working = Schemas["WorkingView"];
