/** A grape: prime name, synonyms (with the place where a name means it, when the name is ambiguous), skin, and the general style it makes by default. */
export interface Grape {
  readonly id: string;
  readonly name: string;
  readonly skin: 'white' | 'grey' | 'black';
  readonly synonyms: readonly string[];
  readonly style: string;
}
const grape = (id: string, name: string, skin: Grape['skin'], style: string, ...synonyms: string[]): Grape => ({ id, name, skin, style, synonyms });

export const grapes: readonly Grape[] = [
  grape('agiorgitiko', 'Agiorgitiko', 'black', 'cabernet', 'St George'), grape('aglianico', 'Aglianico', 'black', 'tannat'), grape('albarino', 'Albariño', 'white', 'atlantic', 'Alvarinho'),
  grape('albillo', 'Albillo Real', 'white', 'soft-aromatic', 'Albillo'), grape('arneis', 'Arneis', 'white', 'soft-neutral'), grape('assyrtiko', 'Assyrtiko', 'white', 'island', 'Asyrtiko'),
  grape('auxerrois', 'Auxerrois', 'white', 'soft-neutral'), grape('barbera', 'Barbera', 'black', 'barbera'), grape('blaufrankisch', 'Blaufränkisch', 'black', 'blaufrankisch', 'Lemberger', 'Kékfrankos', 'Franconia'),
  grape('bual', 'Boal', 'white', 'madeira-sweet', 'Bual', 'Malvasia Fina'), grape('cabernet-franc', 'Cabernet Franc', 'black', 'cabernet', 'Bouchet', 'Breton'), grape('cabernet-sauvignon', 'Cabernet Sauvignon', 'black', 'cabernet', 'Cabernet'),
  grape('carignan', 'Carignan', 'black', 'grenache', 'Cariñena', 'Mazuelo', 'Samsó', 'Carignano'), grape('carmenere', 'Carmenère', 'black', 'cabernet'), grape('carricante', 'Carricante', 'white', 'slope-white'),
  grape('catarratto', 'Catarratto', 'white', 'soft-neutral'), grape('chardonnay', 'Chardonnay', 'white', 'cool-unoaked', 'Morillon'), grape('chasselas', 'Chasselas', 'white', 'plain-light', 'Gutedel', 'Fendant'),
  grape('chenin', 'Chenin Blanc', 'white', 'dry-chenin', 'Chenin', 'Steen', 'Pineau de la Loire'), grape('cinsault', 'Cinsault', 'black', 'juicy-red', 'Cinsaut'), grape('clairette', 'Clairette', 'white', 'soft-neutral'),
  grape('colombard', 'Colombard', 'white', 'plain-light'), grape('cortese', 'Cortese', 'white', 'soft-neutral'), grape('corvina', 'Corvina', 'black', 'barbera'), grape('dolcetto', 'Dolcetto', 'black', 'juicy-red'),
  grape('falanghina', 'Falanghina', 'white', 'herbal-coast'), grape('fiano', 'Fiano', 'white', 'herbal-coast'), grape('frappato', 'Frappato', 'black', 'juicy-red'), grape('furmint', 'Furmint', 'white', 'dry-furmint', 'Šipon', 'Mosler'),
  grape('gamay', 'Gamay', 'black', 'juicy-red'), grape('garganega', 'Garganega', 'white', 'soft-neutral', 'Grecanico'), grape('gewurztraminer', 'Gewürztraminer', 'grey', 'offdry-spice', 'Traminer Aromatico', 'Gewurztraminer'),
  grape('glera', 'Glera', 'white', 'tank-sparkling'), grape('godello', 'Godello', 'white', 'cool-unoaked', 'Gouveio'), grape('graciano', 'Graciano', 'black', 'tempranillo', 'Tinta Miúda'), grape('greco', 'Greco', 'white', 'herbal-coast'),
  grape('grenache', 'Grenache', 'black', 'grenache', 'Garnacha', 'Cannonau', 'Garnatxa', 'Garnacha Tinta'), grape('grenache-blanc', 'Grenache Blanc', 'white', 'soft-aromatic', 'Garnacha Blanca'), grape('grillo', 'Grillo', 'white', 'herbal-coast'),
  grape('gruner', 'Grüner Veltliner', 'white', 'peppery-white', 'Veltliner', 'Gruner Veltliner'), grape('harslevelu', 'Hárslevelű', 'white', 'dry-furmint'), grape('kadarka', 'Kadarka', 'black', 'juicy-red'),
  grape('lagrein', 'Lagrein', 'black', 'blaufrankisch'), grape('listan-negro', 'Listán Negro', 'black', 'volcanic-light-red', 'Listan Negro'),
  grape('loureiro', 'Loureiro', 'white', 'prickling-light', 'Loureira'), grape('malbec', 'Malbec', 'black', 'malbec', 'Côt', 'Cot'), grape('malvasia', 'Malvasia', 'white', 'soft-aromatic', 'Malvasia Volcánica', 'Malvazia'),
  grape('marsanne', 'Marsanne', 'white', 'soft-aromatic'), grape('melon', 'Melon', 'white', 'lees-coast', 'Melon de Bourgogne'), grape('mencia', 'Mencía', 'black', 'juicy-red', 'Jaen'), grape('merlot', 'Merlot', 'black', 'cabernet'),
  grape('meunier', 'Meunier', 'black', 'fine-light-red', 'Pinot Meunier', 'Schwarzriesling'), grape('montepulciano', 'Montepulciano', 'black', 'sangiovese'), grape('mourvedre', 'Mourvèdre', 'black', 'syrah', 'Monastrell', 'Mataro'),
  grape('muscat', 'Muscat Blanc', 'white', 'sweet-prickling', 'Moscato Bianco', 'Muscat', 'Muscat Blanc à Petits Grains', 'Sárgamuskotály', 'Moscato'), grape('nebbiolo', 'Nebbiolo', 'black', 'nebbiolo', 'Spanna', 'Chiavennasca'),
  grape('nerello-cappuccio', 'Nerello Cappuccio', 'black', 'slope-red'), grape('nerello-mascalese', 'Nerello Mascalese', 'black', 'slope-red'), grape('nero-davola', 'Nero d’Avola', 'black', 'grenache', "Nero d'Avola", 'Calabrese'),
  grape('palomino', 'Palomino', 'white', 'plain-light', 'Palomino Fino', 'Listán Blanco'), grape('pedro-ximenez', 'Pedro Ximénez', 'white', 'dark-nutty-dry', 'PX'), grape('petit-verdot', 'Petit Verdot', 'black', 'tannat'), grape('pinot-blanc', 'Pinot Blanc', 'white', 'soft-neutral', 'Weissburgunder', 'Pinot Bianco'),
  grape('pinot-gris', 'Pinot Gris', 'grey', 'offdry-gris', 'Pinot Grigio', 'Grauburgunder'), grape('pinot-noir', 'Pinot Noir', 'black', 'fine-light-red', 'Spätburgunder', 'Pinot Nero', 'Blauburgunder'), grape('pinotage', 'Pinotage', 'black', 'ripe-red'),
  grape('primitivo', 'Primitivo', 'black', 'ripe-red', 'Zinfandel', 'Tribidrag', 'Crljenak Kaštelanski'), grape('riesling', 'Riesling', 'white', 'dry-riesling', 'Rheinriesling', 'Johannisberg'), grape('rkatsiteli', 'Rkatsiteli', 'white', 'amber'),
  grape('roussanne', 'Roussanne', 'white', 'soft-aromatic'), grape('sagrantino', 'Sagrantino', 'black', 'tannat'), grape('sangiovese', 'Sangiovese', 'black', 'sangiovese', 'Brunello', 'Prugnolo Gentile', 'Morellino', 'Nielluccio'),
  grape('saperavi', 'Saperavi', 'black', 'saperavi'), grape('sauvignon', 'Sauvignon Blanc', 'white', 'green-aromatic', 'Sauvignon', 'Fumé Blanc'), grape('savagnin', 'Savagnin', 'white', 'veil-white', 'Heida', 'Païen'),
  grape('semillon', 'Sémillon', 'white', 'soft-neutral', 'Semillon'), grape('sercial', 'Sercial', 'white', 'madeira-dry', 'Esgana Cão'), grape('silvaner', 'Silvaner', 'white', 'soft-neutral', 'Sylvaner'), grape('syrah', 'Syrah', 'black', 'syrah', 'Shiraz'),
  grape('tannat', 'Tannat', 'black', 'tannat', 'Harriague'), grape('tempranillo', 'Tempranillo', 'black', 'tempranillo', 'Tinta de Toro', 'Tinto Fino', 'Aragonez', 'Tinta Roriz', 'Cencibel', 'Ull de Llebre'),
  grape('tinta-negra', 'Tinta Negra', 'black', 'madeira-sweet', 'Negramoll'), grape('torrontes', 'Torrontés', 'white', 'soft-aromatic'), grape('touriga-franca', 'Touriga Franca', 'black', 'touriga'), grape('touriga-nacional', 'Touriga Nacional', 'black', 'touriga'),
  grape('trebbiano', 'Trebbiano Toscano', 'white', 'plain-light', 'Ugni Blanc', 'Trebbiano'), grape('verdejo', 'Verdejo', 'white', 'green-aromatic'), grape('verdelho', 'Verdelho', 'white', 'madeira-dry'), grape('verdicchio', 'Verdicchio', 'white', 'herbal-coast', 'Turbiana', 'Trebbiano di Soave'),
  grape('vermentino', 'Vermentino', 'white', 'herbal-coast', 'Rolle', 'Pigato', 'Favorita'), grape('viognier', 'Viognier', 'white', 'soft-aromatic'), grape('vitovska', 'Vitovska', 'white', 'light-amber'), grape('xarello', 'Xarel·lo', 'white', 'soft-neutral', 'Xarel-lo', 'Pansa Blanca'),
  grape('macabeo', 'Macabeo', 'white', 'soft-neutral', 'Viura', 'Maccabeu'), grape('parellada', 'Parellada', 'white', 'plain-light'), grape('xinomavro', 'Xinomavro', 'black', 'xinomavro'), grape('zweigelt', 'Zweigelt', 'black', 'juicy-red', 'Rotburger'),
  grape('ribolla', 'Ribolla Gialla', 'white', 'light-amber', 'Rebula'), grape('vidal', 'Vidal', 'white', 'late-harvest'), grape('concord', 'Concord', 'black', 'thin-red'), grape('lambrusco', 'Lambrusco', 'black', 'sparkling-red'),
];
