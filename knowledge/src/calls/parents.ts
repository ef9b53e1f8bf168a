/**
 * Parents of grapes as their DNA tells them, by the names of our table or, where we hold no such grape, by their own. As published in the years named: Bowers &
 * Meredith 1997 (Cabernet Sauvignon); Bowers and others 1999 (Pinot × Gouais); Boursiquot and others 2009 (Merlot, Carmenère); Robinson, Harding & Vouillamoz,
 * Wine Grapes, 2012 (the others); from memory, to be checked.
 */
export const parents: Readonly<Record<string, readonly string[]>> = {
  'Cabernet Sauvignon': ['Cabernet Franc', 'Sauvignon Blanc'],
  Merlot: ['Cabernet Franc', 'Magdeleine Noire'],
  Carmenère: ['Cabernet Franc', 'Gros Cabernet'],
  Syrah: ['Dureza', 'Mondeuse Blanche'],
  Durif: ['Peloursin', 'Syrah'],
  Chardonnay: ['Pinot Noir', 'Gouais Blanc'],
  Gamay: ['Pinot Noir', 'Gouais Blanc'],
  Aligoté: ['Pinot Noir', 'Gouais Blanc'],
  Melon: ['Pinot Noir', 'Gouais Blanc'],
  Pinotage: ['Pinot Noir', 'Cinsault'],
  Zweigelt: ['Blaufränkisch', 'Sankt Laurent'],
  'Müller-Thurgau': ['Riesling', 'Madeleine Royale'],
  Scheurebe: ['Riesling', 'Bukettraube'],
  Kerner: ['Riesling', 'Schiava'],
  Marselan: ['Cabernet Sauvignon', 'Grenache'],
  'Alicante Bouschet': ['Grenache', 'Petit Bouschet'],
  Tempranillo: ['Albillo Mayor', 'Benedicto'],
  'Touriga Franca': ['Touriga Nacional', 'Marufo'],
  'Sauvignon Blanc': ['Savagnin'],
  'Chenin Blanc': ['Savagnin'],
  Silvaner: ['Savagnin', 'Österreichisch Weiß'],
  'Grüner Veltliner': ['Savagnin', 'St. Georgener Rebe'],
  Verdejo: ['Savagnin', 'Castellana Blanca'],
  'Nerello Mascalese': ['Sangiovese', 'Mantonico Bianco'],
  Gaglioppo: ['Sangiovese', 'Mantonico Bianco'],
  Freisa: ['Nebbiolo'],
  Dornfelder: ['Helfensteiner', 'Heroldrebe'],
};
