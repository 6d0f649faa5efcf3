import type { Catalogue, CatalogueItem } from './catalogue-item';

/** The open vocabulary that pages describe products with. */
const VOCABULARY = 'https://schema.org';

/** Three capital letters, as that vocabulary writes a currency; other names of money mean nothing to it. */
const CURRENCY_CODE = /^[A-Z]{3}$/;

interface Described {
  readonly workshop: string;
  readonly currency: string;
}

/** A property that the vocabulary has no word of its own for. */
function property([name, value]: readonly [string, string]) {
  return { '@type': 'PropertyValue', name, value };
}

function product(item: CatalogueItem, { workshop, currency }: Described) {
  const { id, name, short, price, isReserved, metal, massG, facts } = item;
  return {
    '@type': 'Product',
    sku: id,
    name,
    description: short,
    category: 'Ring',
    material: metal,
    brand: { '@type': 'Brand', name: workshop },
    weight: { '@type': 'QuantitativeValue', value: Number(massG.toFixed(1)), unitCode: 'GRM' },
    additionalProperty: facts.map(property),
    offers: {
      '@type': 'Offer',
      price: price.toFixed(2),
      ...(CURRENCY_CODE.test(currency) ? { priceCurrency: currency } : {}),
      availability: `${VOCABULARY}/${isReserved ? 'Reserved' : 'InStock'}`,
      itemCondition: `${VOCABULARY}/NewCondition`,
    },
  };
}

/** The shelf as product data of the open vocabulary, so that a maker's own page can show it to whoever searches. */
export function productList(catalogue: Catalogue) {
  return {
    '@context': VOCABULARY,
    '@type': 'ItemList',
    name: catalogue.title,
    numberOfItems: catalogue.items.length,
    itemListElement: catalogue.items.map((item, i) => ({
      '@type': 'ListItem',
      position: i + 1,
      item: product(item, catalogue),
    })),
  };
}
