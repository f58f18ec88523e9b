// Reads a DXF with the package dxf-parser of the npm registry and prints what is in its blocks as JSON.
import { readFileSync } from 'node:fs';
import DxfParser from 'dxf-parser';

const read = new DxfParser().parseSync(readFileSync(process.argv[2], 'utf8'));
console.log(
    JSON.stringify({
        units: read.header.$INSUNITS,
        inserted: read.entities.map(({ type, name }) => [type, name]),
        layers: Object.keys(read.tables.layer.layers),
        blocks: Object.fromEntries(
            Object.entries(read.blocks).map(([name, { entities }]) => [
                name,
                entities.map(({ type, layer, vertices, shape, text }) => ({
                    type,
                    layer,
                    text: text ?? null,
                    closed: shape ?? false,
                    points: (vertices ?? []).map(({ x, y }) => [x, y]),
                })),
            ]),
        ),
    }),
);
