// Draws the land of the shipped coastlines into half-degree squares, for the simulated directory to put its inventions on.
// node scripts/land-mask.mjs   (after npm ci in web/)
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";

const require = createRequire(new URL("../web/package.json", import.meta.url));
const { feature } = require("topojson-client");
const land = JSON.parse(readFileSync(require.resolve("world-atlas/land-50m.json"), "utf8"));
const rings = feature(land, land.objects.land).features.flatMap((each) => each.geometry.coordinates.flat());

const columns = 720;
const rows = 360;
const bits = Buffer.alloc((columns * rows) / 8);
for (let row = 0; row < rows; row++) {
  const latitude = 90 - (row + 0.5) / 2;
  const crossings = [];
  for (const ring of rings) {
    for (let i = 1; i < ring.length; i++) {
      const [x1, y1] = ring[i - 1];
      const [x2, y2] = ring[i];
      if (y1 > latitude !== y2 > latitude) {
        crossings.push(x1 + ((latitude - y1) / (y2 - y1)) * (x2 - x1));
      }
    }
  }
  crossings.sort((one, other) => one - other);
  for (let column = 0; column < columns; column++) {
    const longitude = -180 + (column + 0.5) / 2;
    const before = crossings.filter((each) => each < longitude).length;
    if (before % 2 === 1) {
      const bit = row * columns + column;
      bits[bit >> 3] |= 128 >> (bit & 7);
    }
  }
}
writeFileSync(new URL("../sim/src/main/resources/reckonrod/sim/world/land.bits", import.meta.url), bits);
