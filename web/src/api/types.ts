import type { components } from './schema';

type Schemas = components['schemas'];

export type Brand = Schemas['BrandResponse'];
export type ShelfBrand = Schemas['ShelfResponse'];
export type Defaults = Schemas['DefaultsBody'];
export type TakenIn = Schemas['TakenInResponse'];
export type Swatch = Schemas['SwatchResponse'];
export type SwatchCodes = Schemas['SwatchCodesResponse'];
export type ShownCodes = Schemas['ShownCodesResponse'];
export type Theme = Schemas['ThemeResponse'];
export type PageGround = Theme['ground'];
export type SlotDifference = Schemas['SlotDifferenceResponse'];
export type Suggestion = Schemas['SuggestionResponse'];
export type GivenUp = Schemas['GivenUpResponse'];
export type Tint = Schemas['TintResponse'];
export type Slot = Schemas['SlotResponse'];
export type SlotReason = NonNullable<Slot['reason']>;
export type Specimen = Schemas['SpecimenResponse'];
export type Lettered = Specimen['heading'];
export type Font = Schemas['FontResponse'];
export type AddedFont = Schemas['AddedFontResponse'];
export type TypeStation = Schemas['TypeStationResponse'];
export type RoleOfType = TypeStation['heading'];
export type StandIn = Schemas['StandInResponse'];
export type TypeRemark = Schemas['TypeRemarkResponse'];
export type LetteringRequest = Schemas['LetteringRequest'];
export type FacePair = Schemas['FacePairResponse'];
export type NamedFonts = Schemas['NamedFontsResponse'];
export type FaceMatches = Schemas['FaceMatchesResponse'];
export type TypeRole = 'heading' | 'subheading' | 'body' | 'logo';
export type Item = Schemas['ItemResponse'];
export type ItemFile = Schemas['ItemFileResponse'];
export type OpenPoint = Schemas['OpenPointResponse'];
export type HandedOver = Schemas['HandedOverResponse'];
export type Since = Schemas['SinceResponse'];
export type PlaceOfUse = Schemas['PlaceResponse'];
export type PlaceRequest = Schemas['PlaceRequest'];
export type PlaceKind = PlaceOfUse['kind'];
export type SlideLayout = Schemas['LayoutResponse'];
export type SlideShape = Schemas['ShapeResponse'];
export type Guide = Schemas['GuideResponse'];
export type GuideSection = Schemas['GuideSectionResponse'];
export type SectionKind = GuideSection['kind'];
export type GuidePage = Schemas['GuidePageResponse'];
export type GuideBox = Schemas['BoxResponse'];
export type ShownLogo = Schemas['ShownLogoResponse'];
export type GuideWords = Schemas['GuideWordsRequest'];
export type GuideSheet = Schemas['GuideSheetRequest'];
export type MoodPicture = Schemas['MoodPictureResponse'];
export type TemplateDesign = Schemas['TemplateRequest'];
export type Job = Schemas['JobResponse'];
export type Source = Schemas['SourceResponse'];
export type PictureSource = Source & { width: number; height: number };
export type Inventory = Schemas['InventoryResponse'];
export type UsedColor = Schemas['UsedColorResponse'];
export type Proposals = Schemas['ProposalsResponse'];
export type Proposal = Schemas['ProposalResponse'];
export type ReadyPalette = Schemas['ReadyPaletteResponse'];
export type FoundCode = Schemas['FoundCodeResponse'];
export type Companion = Schemas['CompanionResponse'];
export type Harmonies = Schemas['HarmoniesResponse'];
export type Ladder = Schemas['LadderResponse'];
export type PaletteOrder = Schemas['OrderRequest']['by'];
export type Consequences = Schemas['ConsequencesResponse'];
export type PairTurn = Schemas['PairTurnsResponse'];
export type Remark = Schemas['RemarkResponse'];
export type Group = Schemas['GroupResponse'];
export type BrandRole = Schemas['RoleResponse'];
export type Role = BrandRole['role'];
export type Proportion = Schemas['ProportionResponse'];
export type Contradiction = Schemas['ContradictionResponse'];
export type DraftedRole = Schemas['DraftedRoleResponse'];
export type Chart = Schemas['ChartResponse'];
export type GroundBody = Schemas['GroundBody'];
export type RuleRequest = Schemas['RuleRequest'];
export type Stop = Schemas['StopResponse'];
export type Clash = Schemas['ClashResponse'];
export type Clashes = Schemas['ClashesResponse'];
export type ClashRemedy = Schemas['ClashRemedyResponse'];
export type NamedColor = Schemas['NamedColorResponse'];
export type Remedies = Schemas['RemediesResponse'];
export type Remedy = Schemas['RemedyResponse'];
export type SuggestionPolicy = Schemas['PolicyResponse'];
export type Alternative = Schemas['AlternativeResponse'];
export type ThemeWarning = Schemas['WarningResponse'];
export type Recipe = Schemas['RecipeResponse'];
export type Worst = Schemas['WorstResponse'];
export type GradientRequest = Schemas['GradientRequest'];
export type TextOverPicture = Schemas['TextOverPictureRequest'];
export type TextOnGround = Schemas['TextOnGroundResponse'];
export type Level = 'AA' | 'AAA';
export type Gap = Schemas['GapResponse'];
export type Gaps = Schemas['GapsResponse'];
export type MoodRequest = Schemas['MoodRequest'];
export type MoodWord = MoodRequest['word'];
export type MixRequest = Schemas['MixRequest'];
export type NewSwatch = Schemas['NewSwatch'];
export type SlotRequest = Schemas['SlotRequest'];
export type Trail = Schemas['TrailResponse'];
export type Note = Schemas['NoteResponse'];
export type LogoForm = Schemas['LogoFormResponse'];
export type FormName = LogoForm['form'];
export type LogoVersion = LogoForm['versions'][number]['version'];
export type LogoGround = Schemas['LogoGroundResponse'];
export type LogoRequest = Schemas['LogoRequest'];
export type LogoMeasures = Schemas['LogoMeasuresRequest'];
export type LogoPiece = Schemas['PieceResponse'];
export type IconShape = NonNullable<LogoForm['shape']>;
export type BrandElement = Schemas['ElementResponse'];
export type ElementRequest = Schemas['ElementRequest'];
export type Reading = 'artwork' | 'photograph';
export type Order = 'coverage' | 'place' | 'lightness' | 'hue';

/** Whether the file shows its colours; otherwise it lists them. */
export function isPicture(source: Source): source is PictureSource {
  return source.width !== undefined && source.height !== undefined;
}

/** Whether slides of the file can be drawn. */
export function hasSlides(source: Source): boolean {
  return source.kind === 'pptx';
}

/** How a text stands on a ground, with the colour itself in the place of its number. */
export type Standing = Omit<Schemas['StandingResponse'], 'color' | 'marks'> & {
  color: NamedColor;
  used: boolean;
  clashes: boolean;
  toLookAt: boolean;
};
export interface Ground {
  color: NamedColor;
  may: Standing[];
  mayNot: Standing[];
}
export type ComposedGround = Omit<Schemas['ComposedGroundResponse'], 'may' | 'mayNot'> & {
  may: Standing[];
  mayNot: Standing[];
};
export interface Grounds {
  grounds: Ground[];
  composed: ComposedGround[];
  failing: number;
  /** Whether there are grounds after these. */
  more: boolean;
}
/** As it comes over the wire: each colour once, and spoken of by its place. */
export type GroundsOnTheWire = Schemas['GroundsResponse'];
export type ExistingFile = Schemas['ExistingFileResponse'];
export type Fault = Schemas['FaultResponse'];
export type PagePlace = Schemas['PagePlaceResponse'];
export type FaultMending = Schemas['MendingResponse'];
export type DressPlan = Schemas['DressPlanResponse'];
export type DressLine = Schemas['DressLineResponse'];
export type DressWarning = Schemas['DressWarningResponse'];
export type DressRequest = Schemas['DressRequest'];
export type GraphicAreas = Schemas['AreasResponse'];
export type GraphicArea = Schemas['AreaResponse'];
export type Deal = Schemas['DealResponse'];
export type DealWish = Schemas['DealRequest'];
export type Mood = NonNullable<DealWish['mood']>;
export type SetMember = Schemas['SetMember'];
export type MarkedFrame = Schemas['MarkedFrameRequest'];
