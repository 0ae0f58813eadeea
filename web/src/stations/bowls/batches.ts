import type { Pour } from "../../api/types";

type Batch = Pour["batches"][number];

/** Batches are alike, but for one whole egg more in the first ones: each sort with how many there are of it. */
export function sorts(batches: Batch[]): { times: number; batch: Batch }[] {
  const found: { times: number; batch: Batch }[] = [];
  for (const batch of batches) {
    const alike = found.find((one) => one.batch.madeGrams === batch.madeGrams);
    if (alike) alike.times++;
    else found.push({ times: 1, batch });
  }
  return found;
}
