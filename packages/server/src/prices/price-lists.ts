import type { DataSource } from 'typeorm';
import type { PriceList } from '@uisce/core/catalogue';
import { PriceListEntity } from '../storage/entities.js';

/** Shipped price lists together with the household's own; an own list of the same id comes first. */
export class PriceLists {
  constructor(
    private readonly source: DataSource,
    private readonly shipped: readonly PriceList[],
  ) {}

  async all(): Promise<PriceList[]> {
    const own = (await this.source.getRepository(PriceListEntity).find({ order: { id: 'ASC' } })).map(
      (r) => r.list,
    );
    return [...own, ...this.shipped.filter((s) => !own.some((o) => o.id === s.id))];
  }

  async find(id: string): Promise<PriceList | undefined> {
    return (await this.all()).find((list) => list.id === id);
  }
}
