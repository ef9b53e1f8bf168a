export interface DishDocument {
  readonly schema: 1;
  readonly name: string;
  readonly parts: readonly { readonly id: string; readonly part: string; readonly grams?: number | undefined }[];
  readonly remark: string;
}
export const emptyDish: DishDocument = { schema: 1, name: '', parts: [], remark: '' };
