'use client';

import { useState } from 'react';
import type { OwnRecipe } from '@/editing/own-recipe';
import { LARGEST_FILE } from '@/editing/read-plan';
import { readApart } from '@/workers/reading/client';

/** Takes a dish from a recipe file; what is wrong with the file is said. */
export function RecipeFile({ onTake }: { onTake: (dish: OwnRecipe) => void }) {
  const [lines, setLines] = useState<readonly string[]>([]);
  const take = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > LARGEST_FILE) return setLines(['This file is larger than 1 MB, which no recipe is.']);
    const reading = await readApart('dish', await file.text());
    setLines(reading.kind === 'refused' ? reading.lines : []);
    if (reading.kind === 'dish') onTake(reading.dish);
  };
  return (
    <div>
      <label className="block text-[14px] font-semibold">
        Or from a recipe file (JSON-LD, or a saved page)
        <input
          type="file"
          accept=".json,.jsonld,.html,.htm,application/json,application/ld+json"
          className="mt-1 block min-h-11 w-full text-[15px] font-normal"
          onChange={({ target }) => {
            void take(target.files?.[0]);
            target.value = '';
          }}
        />
      </label>
      {lines.map((line) => (
        <p key={line} role="alert" className="text-[15px] text-alarm">
          {line}
        </p>
      ))}
    </div>
  );
}
