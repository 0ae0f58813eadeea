import type { components } from "./schema";

type Schemas = components["schemas"];

export type OrderView = Schemas["OrderView"];
export type OrderDetails = Schemas["OrderDetails"];
export type DesignView = Schemas["DesignView"];
export type Design = Schemas["Design"];
export type Move = Schemas["Move"];
export type Where = Schemas["Where"];
export type Place = Schemas["Place"];
export type Laid = NonNullable<Where["laid"]>;
export type CutterShape = Schemas["CutterShape"];
export type CookieView = Schemas["CookieView"];
export type MarkView = Schemas["MarkView"];
export type Layer = Schemas["Layer"];
export type PaletteColour = Schemas["PaletteColour"];
export type PourView = Schemas["PourView"];
export type Pour = Schemas["Pour"];
export type Bowl = Schemas["Bowl"];
export type Portion = Schemas["Portion"];
export type Kind = Schemas["Kind"];
export type Parameter = Schemas["Parameter"];
export type CatalogueView = Schemas["CatalogueView"];
export type ShopView = Schemas["ShopView"];
export type HabitView = Schemas["HabitView"];
export type HabitName = Schemas["Habit"];
export type LibraryDesign = Schemas["LibraryDesign"];
export type MixingView = Schemas["MixingView"];
export type BaseRecipe = Schemas["BaseRecipe"];
export type Ingredient = Schemas["Ingredient"];
export type ShelfView = Schemas["ShelfView"];
export type Rung = Schemas["Rung"];
export type WeekView = Schemas["WeekView"];
export type TintView = Schemas["TintView"];
export type TintRecipe = Schemas["RecipeView"];
export type GelView = Schemas["GelView"];
export type ReachPlace = Schemas["ReachPlace"];
export type PastColour = Schemas["PastColour"];
export type SeeingView = Schemas["SeeingView"];
export type Removed = Schemas["Removed"];
export type Listed = Schemas["Listed"];
export type State = Schemas["State"];

/** What went wrong, as the server says it. */
export type Problem = { status: number; field: string; detail: string };
