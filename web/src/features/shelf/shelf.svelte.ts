import { answered, api } from '../../api/client';
import type { ShelfBrand } from '../../api/types';

/** All brands, those that stand on the shelf and those that were taken off. */
export class ShelfState {
  brands = $state.raw<ShelfBrand[]>();
  deleted = $state.raw<ShelfBrand[]>([]);

  async load(): Promise<void> {
    const [brands, deleted] = await Promise.all([
      answered(api.GET('/api/brands', { params: { query: {} } })),
      answered(api.GET('/api/brands', { params: { query: { deleted: true } } })),
    ]);
    this.brands = brands;
    this.deleted = deleted;
  }

  /** @return the id of the new brand */
  async begin(name: string): Promise<string> {
    const brand = await answered(api.POST('/api/brands', { body: { name } }));
    return brand.id;
  }

  async rename(brand: ShelfBrand, name: string): Promise<void> {
    const params = { path: { id: brand.id }, header: { 'If-Match': `"${brand.revision}"` } };
    await answered(api.PUT('/api/brands/{id}/name', { params, body: { name } }));
    await this.load();
  }

  async delete(brand: ShelfBrand): Promise<void> {
    const params = { path: { id: brand.id }, header: { 'If-Match': `"${brand.revision}"` } };
    await answered(api.DELETE('/api/brands/{id}', { params }));
    await this.load();
  }

  async putBack(brand: ShelfBrand): Promise<void> {
    await answered(api.POST('/api/brands/{id}/restoration', { params: { path: { id: brand.id } } }));
    await this.load();
  }
}
