/** A proposal for a brief, and what two experts of different schools gave it of ten. */
export interface Marked {
  brief: string;
  marks: readonly [number, number];
  /** As in a scenario: “pelargonium-scarlet filler p9: x,y x,y”. */
  plants: readonly string[];
}

/** Proposals of many kinds, good and bad, as two experts mark them: they agree with one another at 0.74. */
export const MARKED: readonly Marked[] = [
  {
    brief: 't1',
    marks: [3.2, 5.2],
    plants: [
      'dahlia-red-dark thriller p10: 0,0',
      'diascia-pink filler pack6: 0,117.4 -91.8,73.2 -51,-105.8 114.5,-26.1',
      'calibrachoa-pink spiller p9: -140.5,-32.1 62.5,-129.8 112.7,89.9',
    ],
  },
  {
    brief: 't1',
    marks: [5.8, 7.8],
    plants: [
      'eucomis thriller l1: 0,0',
      'verbena-pink filler p9: 0,103.8 -89.9,51.9 0,-103.8 89.9,-51.9',
      'coleus-trailing spiller p9: -124.8,-72.1 124.8,72.1',
    ],
  },
  {
    brief: 't1',
    marks: [6.9, 6.5],
    plants: [
      'penstemon-violet thriller l1: 0,0',
      'dusty-miller filler p9: 0,103.8 45,-93.5',
      'petunia-small-pink spiller p10: -108,86.1 -59.9,-124.4 134.6,-30.7 108,86.1',
      'begonia-rose-bronze filler p9: -101.2,-23.1',
    ],
  },
  {
    brief: 't1',
    marks: [4.4, 5.7],
    plants: [
      'strobilanthes thriller l1: 0,0',
      'dianthus-pink filler p9: 0,103.8 45,-93.5',
      'petunia-small-violet spiller p10: -108,86.1 -59.9,-124.4 134.6,-30.7 108,86.1',
      'pelargonium-compact-pink filler p9: -101.2,-23.1',
    ],
  },
  {
    brief: 't1',
    marks: [6, 6.1],
    plants: [
      'russian-sage thriller l1: 0,0',
      'geranium-pink filler p9: 0,103.8 45,-93.5',
      'verbena-trailing-violet spiller p9: -112.7,89.9 -62.5,-129.8 140.5,-32.1 112.7,89.9',
      'salvia-violet filler p9: -101.2,-23.1',
    ],
  },
  {
    brief: 't2',
    marks: [7.2, 6.1],
    plants: [
      'petunia-small-violet filler p10: 0,0 -3.2,97',
      'verbena-trailing-white spiller p9: -103.5,-64.3 107.5,-57.4',
    ],
  },
  {
    brief: 't2',
    marks: [6.3, 7.1],
    plants: [
      'calibrachoa-white filler p10: 0,0 3.2,-97',
      'lamium-white filler p9: -3,91.1',
      'verbena-trailing-violet spiller p9: -121.8,-4 121.8,4',
    ],
  },
  {
    brief: 't2',
    marks: [5.7, 6.4],
    plants: [
      'liquorice-plant-silver filler pack6: 0,0',
      'fan-flower-blue filler p9: -2.8,85.2',
      'pelargonium-ivy-lilac spiller pack6: -120.3,-74.8 124.9,-66.8',
    ],
  },
  {
    brief: 't2',
    marks: [6, 5.3],
    plants: [
      'alyssum-purple filler p9: 0,0',
      'calibrachoa-violet filler p10: -3,91.1',
      'bacopa-lilac spiller p9: -103.5,-64.3 107.5,-57.4',
    ],
  },
  {
    brief: 't2',
    marks: [6.7, 7],
    plants: [
      'begonia-trailing-white filler p10: 0,0 3.2,-97',
      'fan-flower-blue filler p10: -3.2,97',
      'brachyscome-blue spiller p9: -121.8,-4 121.8,4',
    ],
  },
  {
    brief: 't3',
    marks: [6.8, 7.1],
    plants: [
      'impatiens-red filler pack6: 0,-49.5 118.8,-49.5 -118.8,-49.5 -237.6,-49.5 237.6,-49.5 -356.4,-49.5 356.4,-49.5',
      'fan-flower-white spiller p9: 128.7,32.4 -128.7,32.4',
      'lobelia-deep spiller pack6: -405,49.5 405,49.5',
    ],
  },
  {
    brief: 't3',
    marks: [5.6, 5.9],
    plants: [
      'dusty-miller filler p9: 0,-32.4 -338.1,-34.7 338.1,-34.7',
      'begonia-trailing-red filler p10: 106.1,-40.1 -106.1,-40.1',
      'brachyscome-blue spiller p9: 134.1,46.1 -134.1,46.1 -387.6,34.7 387.6,34.7',
      'salvia-scarlet filler p9: -226.5,-32.4 226.5,-32.4',
    ],
  },
  {
    brief: 't3',
    marks: [5.2, 5.3],
    plants: [
      'salvia-compact-red filler p9: 0,-32.4 106,-46.1 -106,-46.1 -226.5,-32.4 226.5,-32.4 -338.1,-34.7 338.1,-34.7',
      'calibrachoa-violet spiller p10: 133.9,40.1 -133.9,40.1',
      'baby-sun-rose spiller p9: -387.6,34.7 387.6,34.7',
    ],
  },
  {
    brief: 't3',
    marks: [5, 5.4],
    plants: [
      'begonia-tuber-red filler p10: 48.6,-27 -48.6,-27 -333.4,-32.8 333.4,-32.8',
      'brachyscome-blue spiller p9: 126.4,41.2 -126.4,41.2 -390.8,38 390.8,38',
      'begonia-white filler p9: -146.5,-41.4 146.5,-41.4',
      'begonia-trailing-white filler p10: 236.5,-26.6 -236.5,-26.6',
    ],
  },
  {
    brief: 't3',
    marks: [4.2, 4.2],
    plants: [
      'petunia-red filler pack6: 0,-49.5 118.8,-49.5 -118.8,-49.5 -237.6,-49.5 237.6,-49.5 -356.4,-49.5 356.4,-49.5',
      'lobelia-deep spiller pack6: 0,49.5',
      'bacopa-white spiller pack6: -405,49.5 405,49.5',
    ],
  },
  {
    brief: 't4',
    marks: [8, 8.1],
    plants: [
      'begonia-wing-pink thriller l1: 0,0',
      'impatiens-white filler p9: 0,101.1 0,-101.1',
      'fuchsia-trailing-pink spiller p9: -119.2,0 119.2,0',
    ],
  },
  {
    brief: 't4',
    marks: [3.3, 6.3],
    plants: [
      'fuchsia-upright-all-white thriller pack6: 0,0',
      'hosta-small-blue filler p9: 0,85.8 -81.6,26.5 50.4,-69.4',
      'torenia-pink spiller pack6: -81.2,-111.8 131.4,42.7',
    ],
  },
  {
    brief: 't4',
    marks: [5.5, 5.3],
    plants: [
      'begonia-cane thriller l1: 0,0',
      'impatiens-white filler p9: -71.5,71.5 71.5,-71.5',
      'fuchsia-trailing-pink spiller p9: -84.3,-84.3 84.3,84.3',
    ],
  },
  {
    brief: 't4',
    marks: [4.3, 7.5],
    plants: [
      'begonia-cane-white thriller l1: 0,0',
      'hosta-small-blue filler p9: -59.4,81.8 -96.2,-31.2 96.2,-31.2',
      'torenia-pink spiller p9: 0,-119.2 70,96.4',
    ],
  },
  {
    brief: 't5',
    marks: [5.1, 5.8],
    plants: [
      'phormium-bronze thriller l1: 0,0',
      'impatiens-sun-red filler p10: 0,117.4 -101.7,58.7 0,-117.4 101.7,-58.7',
      'calibrachoa-apricot spiller p10: -141.2,-81.5 141.2,81.5',
    ],
  },
  {
    brief: 't5',
    marks: [7.3, 7],
    plants: [
      'cordyline-wine thriller l1: 0,0',
      'petunia-red filler p10: 0,117.4 -101.7,-58.7 101.7,-58.7',
      'bidens-yellow spiller p9: -146.4,84.5 0,-169.1 146.4,84.5',
    ],
  },
  {
    brief: 't5',
    marks: [6.1, 5.4],
    plants: [
      'pennisetum-purple thriller l1: 0,0',
      'salvia-compact-coral filler p9: 0,121.7 0,-121.7',
      'lantana-yellow filler p9: -86.1,86.1 121.7,0',
      'bidens-orange spiller p9: -169.1,0 119.5,-119.5 119.5,119.5',
      'coreopsis-yellow filler p9: -86.1,-86.1',
    ],
  },
  {
    brief: 't5',
    marks: [4.8, 7.1],
    plants: [
      'spurge-evergreen thriller l1: 0,0',
      'salvia-compact-coral filler p9: 0,121.7 -105.4,60.9 0,-121.7 105.4,-60.9',
      'calibrachoa-orange spiller p10: -141.2,-81.5 141.2,81.5',
    ],
  },
  {
    brief: 't5',
    marks: [6.7, 6.2],
    plants: [
      'canna-dwarf-red thriller l1: 0,0',
      'pelargonium-coral filler p9: -46.6,112.5 46.6,-112.5',
      'coleus-black filler p9: -112.5,46.6 112.5,46.6',
      'calibrachoa-apricot spiller p10: -150.7,-62.4 150.7,-62.4 62.4,150.7',
      'impatiens-sun-red filler p10: -44.9,-108.5',
    ],
  },
  {
    brief: 't6',
    marks: [7.1, 7.1],
    plants: [
      'begonia-trailing-yellow filler p9: 26.1,-58.4 -105.2,-62 148.2,-32.5',
      'lobelia-deep spiller pack6: -186,-15.8 -40.5,86.8',
      'begonia-trailing-red spiller p9: 99.1,42.7',
    ],
  },
  {
    brief: 't6',
    marks: [5.4, 5.4],
    plants: [
      'salvia-violet filler p9: 26.1,-58.4 -96.3,-69.9',
      'lamium-silver filler p9: 148.2,-32.5',
      'lysimachia-flowering spiller p9: -159.3,-12.9 99.1,42.7',
    ],
  },
  {
    brief: 't6',
    marks: [5.2, 5.9],
    plants: [
      'impatiens-sun-orange filler p9: 26.1,-58.4 -105.2,-62',
      'spider-plant filler p9: 148.2,-32.5',
      'lobelia-blue spiller pack6: -186,-15.8 -40.5,86.8 122.3,52.6',
    ],
  },
  {
    brief: 't6',
    marks: [4.3, 6.3],
    plants: [
      'carex-white-edged filler p9: 26.1,-58.4 -96.3,-69.9 148.2,-32.5',
      'begonia-trailing-yellow spiller p9: -159.3,-12.9 -31.4,67.2',
      'begonia-trailing-red spiller p9: 99.1,42.7',
    ],
  },
  {
    brief: 't6',
    marks: [4.1, 5],
    plants: [
      'impatiens-red filler pack6: 32.9,-73.6 -132.5,-78.2',
      'ageratum-white filler pack6: 169.7,-37.3',
      'lysimachia-flowering spiller p9: -159.9,-13.6 99.1,42.7',
    ],
  },
  {
    brief: 't7',
    marks: [5.9, 6.4],
    plants: [
      'salvia-violet thriller p9: -64.5,-31.8',
      'fan-flower-blue filler p10: -3.6,108.7 -96.8,53.5 3.6,-108.7 96,-51.3',
      'creeping-jenny-gold spiller p9: -135.4,-84.2 135.4,84.2',
    ],
  },
  {
    brief: 't7',
    marks: [5, 7.4],
    plants: [
      'juniper-column thriller l1: -51.7,-23.4',
      'alyssum-purple filler pack6: -4.5,136.9 -111.3,79.8 -56.5,-124.8 135.1,-22.3',
      'stonecrop-trailing-gold spiller pack6: -185.3,-43.2 89.7,-167.8 147.1,120.7',
    ],
  },
  {
    brief: 't7',
    marks: [5.1, 6.3],
    plants: [
      'angelonia-purple thriller p9: -61.9,-15.3',
      'lambs-ear filler p9: -3.8,114.8 -83.8,78.5 -82,-98.1 3.8,-114.8 114.8,3.8',
      'sanvitalia-yellow spiller pack6: -190.1,-6.2 138.8,-130 130,138.8',
    ],
  },
  {
    brief: 't7',
    marks: [6.7, 5.1],
    plants: [
      'celosia-gold thriller p9: -61.8,-15.5',
      'ageratum-blue filler p9: -1.4,116.1 3.8,-114.8',
      'calibrachoa-violet filler p10: -81.9,73.4 108.7,3.6',
      'mecardonia-yellow spiller p9: -159.4,-5.2 116.4,-109 109,116.4',
      'lobelia-edging-blue filler p9: -82,-98.2',
    ],
  },
  {
    brief: 't7',
    marks: [3.2, 3.3],
    plants: [
      'dahlia-apricot thriller l1: -35.5,-9.7',
      'verbena-trailing-violet filler p9: -1.1,116.1 4.9,-114.9',
      'petunia-trailing-blue filler p10: -87.2,84.1 108.7,3.6',
      'creeping-jenny-gold spiller p9: -159.4,-5.2 116.4,-109 109,116.4',
      'calibrachoa-yellow filler p10: -86.6,-104',
    ],
  },
  {
    brief: 't8',
    marks: [6.7, 6.8],
    plants: [
      'coleus-tall-copper thriller l1: 0,0',
      'euonymus-gold filler p9: 5.1,123.2 -77,-123.2',
      'heuchera-plum filler p9: -123.2,107.8 123.2,-35.9',
      'foamflower-trailing spiller p10: -165.1,-34.4 89.5,-165.1 165.1,130.7',
    ],
  },
  {
    brief: 't8',
    marks: [7.4, 7.6],
    plants: [
      'ivy-column-gold thriller l2: 0,0',
      'begonia-rex filler p10: -113.9,118.9 -94.1,-118.9 118.9,-54.5',
      'creeping-jenny-gold spiller p9: -171.1,-21.4 64.2,-171.1 171.1,121.2 35.7,171.1',
    ],
  },
  {
    brief: 't8',
    marks: [4.4, 6.6],
    plants: [
      'euonymus-column thriller l2: 0,0',
      'carex-variegated filler p9: -118.1,123.2 -5.1,-123.2 123.2,118.1',
      'euonymus-gold filler p9: -123.2,5.1 118.1,-123.2',
      'foamflower-trailing-green spiller p10: -165.1,-158.3 165.1,-6.9 6.9,165.1',
    ],
  },
  {
    brief: 't8',
    marks: [5.4, 5.3],
    plants: [
      'song-of-india thriller l2: 0,0',
      'begonia-rex filler p10: -113.9,118.9 64.4,-118.9',
      'coleus-compact-wine filler p9: -123.2,15.4 123.2,35.9',
      'spider-plant spiller p10: -165.1,-117 165.1,-103.2 -6.9,165.1',
      'heuchera-lime filler p9: -46.2,-123.2 97.5,123.2',
    ],
  },
  {
    brief: 't8',
    marks: [5.6, 6.2],
    plants: [
      'ivy-column-white thriller l2: 0,0',
      'hosta-gold filler p9: -118.1,123.2 118.1,-123.2',
      'fern-sword filler p9: -123.2,5.1 123.2,118.1',
      'periwinkle-lesser spiller p10: -165.1,-158.3 165.1,-6.9 6.9,165.1',
      'carex-variegated filler p9: -5.1,-123.2',
    ],
  },
  {
    brief: 't9',
    marks: [6.6, 7.9],
    plants: [
      'osteospermum-apricot filler l1: 0,-43.4 -343.2,-40.5 343.2,-40.5',
      'diascia-coral spiller p9: 0,57.8 -268,54.9 268,54.9 -536,54.9 536,54.9',
      'dusty-miller filler p9: -117.9,-54.9 117.9,-54.9 -471.7,-54.9 471.7,-54.9',
      'verbena-pink filler p9: -235.8,-54.9 235.8,-54.9',
    ],
  },
  {
    brief: 't9',
    marks: [5.7, 6.6],
    plants: [
      'dusty-miller filler p9: 0,-54.9 -353.8,-54.9 353.8,-54.9',
      'diascia-coral spiller p9: 0,54.9 -268,54.9 268,54.9 -536,54.9 536,54.9',
      'pelargonium-ivy-lilac filler p10: -116.6,-49.5 116.6,-49.5 -466.4,-49.5 466.4,-49.5',
      'salvia-compact-coral filler p9: -235.8,-54.9 235.8,-54.9',
    ],
  },
  {
    brief: 't9',
    marks: [4.6, 4.2],
    plants: [
      'lantana-pink filler p9: 0,-54.9 -117.9,-54.9 117.9,-54.9 -235.8,-54.9 235.8,-54.9 -353.8,-54.9 353.8,-54.9 -471.7,-54.9 471.7,-54.9',
      'alyssum-white spiller pack6: 185,72 -185,72',
      'sanvitalia-yellow spiller pack6: -555,72 555,72',
    ],
  },
  {
    brief: 't9',
    marks: [5.2, 5.6],
    plants: [
      'pelargonium-ivy-lilac filler p10: 0,-49.5 -349.8,-49.5 349.8,-49.5',
      'diascia-coral spiller p9: 0,54.9 -268,54.9 268,54.9 -536,54.9 536,54.9',
      'calibrachoa-apricot filler p10: -116.6,-49.5 116.6,-49.5 -466.4,-49.5 466.4,-49.5',
      'verbena-pink filler p9: -235.8,-54.9 235.8,-54.9',
    ],
  },
  {
    brief: 't9',
    marks: [3.6, 4.2],
    plants: [
      'ageratum-white filler p9: 0,-54.9 -353.8,-54.9 353.8,-54.9',
      'lysimachia-flowering spiller p9: 0,54.9 -268,54.9 268,54.9 -536,54.9 536,54.9',
      'pelargonium-ivy-lilac filler p10: -116.6,-49.5 116.6,-49.5 -466.4,-49.5 466.4,-49.5',
      'coreopsis-yellow filler l1: -228.8,-40.5 228.8,-40.5',
    ],
  },
  {
    brief: 't10',
    marks: [6.3, 6.3],
    plants: [
      'sage-tricolour filler p9: 0,-77.4',
      'thyme-creeping spiller p9: 0,77.4 -336,77.4 336,77.4',
      'calendula-orange filler p9: -147.8,-77.4 147.8,-77.4',
      'lavender filler p9: -295.7,-77.4 295.7,-77.4',
    ],
  },
  {
    brief: 't10',
    marks: [5.1, 5.6],
    plants: [
      'calendula-orange filler p9: 0,-77.4',
      'nasturtium-crimson spiller p9: 0,77.4 -336,77.4 336,77.4',
      'lavender-white filler p9: -147.8,-77.4 147.8,-77.4',
      'lavender filler p9: -295.7,-77.4 295.7,-77.4',
    ],
  },
  {
    brief: 't10',
    marks: [6.8, 6],
    plants: [
      'bean-dwarf filler p9: 0,-77.4',
      'strawberry spiller pack6: 0,94.5 -355,94.5 355,94.5',
      'chives filler p9: -147.8,-77.4 147.8,-77.4',
      'calendula-orange filler pack6: -312.4,-94.5 312.4,-94.5',
    ],
  },
  {
    brief: 't10',
    marks: [6.2, 7],
    plants: [
      'chard-gold filler p9: 0,-77.4',
      'nasturtium-crimson spiller p9: 0,77.4 -336,77.4 336,77.4',
      'sage-tricolour filler p9: -147.8,-77.4 147.8,-77.4',
      'calendula-orange filler p9: -295.7,-77.4 295.7,-77.4',
    ],
  },
  {
    brief: 't11',
    marks: [3.5, 3.3],
    plants: ['dusty-miller filler p9: 0,0 0,85.1', 'diascia-pink spiller p9: -103.2,-59.6 103.2,-59.6'],
  },
  {
    brief: 't11',
    marks: [6.2, 6.3],
    plants: [
      'hyacinth-pink filler p9: 0,0 -50,-68.8',
      'nemesia-pink filler p9: 0,85.1',
      'viola-trailing-white spiller p9: -113.3,36.8 70,-96.4 113.3,36.8',
    ],
  },
  {
    brief: 't11',
    marks: [2.6, 2.7],
    plants: [
      'osteospermum-yellow filler p10: 0,0',
      'dianthus-pink filler p9: 0,91.1',
      'alyssum-white spiller p9: -103.2,-59.6 103.2,-59.6',
    ],
  },
  {
    brief: 't11',
    marks: [6.5, 6.4],
    plants: [
      'stock-white filler p9: 0,0 -50,-68.8',
      'forget-me-not filler p9: 0,85.1',
      'viola-trailing-blue spiller p9: -113.3,36.8 70,-96.4 113.3,36.8',
    ],
  },
  {
    brief: 't11',
    marks: [3.3, 4.2],
    plants: ['ranunculus-pink filler p10: 0,0 0,97.1', 'snapdragon-trailing spiller p9: -103.2,-59.6 103.2,-59.6'],
  },
  {
    brief: 't12',
    marks: [5.9, 6.5],
    plants: [
      'phormium-bronze thriller l1: 0,0',
      'euonymus-gold filler p9: 0,103.8 -89.9,51.9 0,-103.8 89.9,-51.9',
      'viola-trailing-yellow spiller p9: -124.8,-72.1 124.8,72.1',
    ],
  },
  {
    brief: 't12',
    marks: [2.3, 3],
    plants: [
      'cordyline-wine thriller l1: 0,0',
      'chrysanthemum-pink filler p10: 0,107.1 -92.8,53.6 0,-107.1 92.8,-53.6',
      'alyssum-purple spiller p9: -124.8,-72.1 124.8,72.1',
    ],
  },
  {
    brief: 't12',
    marks: [6.6, 7.3],
    plants: [
      'spruce-dwarf thriller l1: 0,0',
      'heuchera-plum filler p9: 0,103.8 -89.9,51.9 0,-103.8 89.9,-51.9',
      'ivy-gold-heart spiller p9: -124.8,-72.1 124.8,72.1',
    ],
  },
  {
    brief: 't12',
    marks: [7.7, 8],
    plants: [
      'yew-column thriller l2: 0,0',
      'heuchera-plum filler p9: 0,119.1 -103.1,59.6 0,-119.1 103.1,-59.6',
      'viola-trailing-yellow spiller p9: -124.8,-72.1 124.8,72.1',
    ],
  },
  {
    brief: 't12',
    marks: [6.3, 6.6],
    plants: [
      'skimmia thriller l1: 0,0',
      'heather-winter filler p9: 0,103.8 -89.9,51.9 0,-103.8 89.9,-51.9',
      'viola-trailing-yellow spiller p9: -124.8,-72.1 124.8,72.1',
    ],
  },
  {
    brief: 't13',
    marks: [6.9, 7.7],
    plants: [
      'spruce-dwarf thriller l1: 0,0',
      'heuchera-lime filler p9: -100.8,105.2 -105.2,-30.7 100.8,-105.2 105.2,30.7',
      'ivy-variegated spiller p10: -52.5,-140.1 52.5,140.1',
    ],
  },
  {
    brief: 't13',
    marks: [3, 2.3],
    plants: [
      'yew-column thriller l2: 0,0',
      'daffodil-dwarf filler p9: -100.8,105.2 -41.8,-111.5 114.3,33.3',
      'periwinkle-lesser spiller p10: -140.1,-40.9 134.3,-140.1 52.5,140.1',
    ],
  },
  {
    brief: 't13',
    marks: [5.9, 6.3],
    plants: [
      'ivy-column-gold thriller l2: 0,0',
      'euonymus-silver filler p9: -100.8,105.2 -114.3,-33.3 100.8,-105.2 114.3,33.3',
      'cotoneaster-trailing spiller p9: -54.8,-146.1 54.8,146.1',
    ],
  },
  {
    brief: 't13',
    marks: [7.3, 6.8],
    plants: [
      'ivy-column-white thriller l2: 0,0',
      'heuchera-lime filler p9: -100.8,105.2 -114.3,-33.3 100.8,-105.2 114.3,33.3',
      'cotoneaster-trailing spiller p9: -54.8,-146.1 54.8,146.1',
    ],
  },
  {
    brief: 't14',
    marks: [7.5, 7.9],
    plants: [
      'salvia-white thriller l1: 0,0',
      'dusty-miller filler p9: 0,139.8 -98.8,98.8 -98.8,-98.8 0,-139.8 139.8,0',
      'verbena-trailing-white spiller p9: -194.1,0 137.3,-137.3 137.3,137.3',
    ],
  },
  {
    brief: 't14',
    marks: [6.9, 7.7],
    plants: [
      'cleome-white thriller l1: 0,0',
      'petunia-small-white filler p10: 0,135.4 -105.9,84.4 -58.8,-122 132,-30.1',
      'liquorice-plant-silver spiller p9: -189.2,-43.2 84.2,-174.9 151.8,121',
    ],
  },
  {
    brief: 't14',
    marks: [7.1, 7],
    plants: [
      'cosmos-white thriller l1: 0,0',
      'impatiens-sun-white filler p10: 2.1,136.2 -89.2,103 -119,-66.3 -44.6,-128.7 116.9,-70 133.8,25.8',
      'fan-flower-white spiller p10: -185.3,32.7 64.3,-176.8 120.9,144.1',
    ],
  },
  {
    brief: 't14',
    marks: [2.4, 2],
    plants: [
      'canna-dwarf-red thriller l2: 0,0',
      'verbena-white filler p9: -60.6,125.9 -109.3,-87.1 109.3,-87.1',
      'petunia-small-white spiller p10: -183.4,41.9 0,-188.1 183.4,41.9 81.6,169.5',
    ],
  },
  {
    brief: 't14',
    marks: [5.5, 7.6],
    plants: [
      'cordyline-green thriller l2: 0,0',
      'lavender-white filler p9: 0,139.8 -89.8,107.1 -121,-69.9 -47.8,-131.3 121,-69.9 137.6,24.3',
      'verbena-trailing-white spiller p9: -191.2,33.7 66.4,-182.4 124.8,148.7',
    ],
  },
  {
    brief: 't15',
    marks: [5.5, 6.3],
    plants: [
      'begonia-rose-bronze filler pack6: 0,0 56.1,-56.1',
      'marigold-mahogany filler pack6: -56.1,56.1',
      'calibrachoa-apricot spiller p9: -66.6,-66.6 66.6,66.6',
    ],
  },
  {
    brief: 't15',
    marks: [5.7, 7],
    plants: [
      'dianthus-crimson filler p9: -0.1,5.1',
      'alyssum-purple filler p9: 0.1,90',
      'petunia-small-pink spiller p10: -76.8,-43.4 76.6,-43.8',
    ],
  },
  {
    brief: 't15',
    marks: [4, 4.1],
    plants: [
      'pelargonium-compact-red filler p9: 0,0 60.2,-60.2',
      'dianthus-pink filler p9: -60.2,60.2',
      'verbena-magenta spiller p9: -66.6,-66.6 66.6,66.6',
    ],
  },
  {
    brief: 't15',
    marks: [4.2, 5.2],
    plants: [
      'fescue-blue filler p9: 0,0 60.2,-60.2',
      'salvia-compact-red filler p9: -60.2,60.2',
      'sanvitalia-yellow spiller p9: -66.6,-66.6 66.6,66.6',
    ],
  },
  {
    brief: 't15',
    marks: [2.5, 2.7],
    plants: [
      'salvia-compact-coral filler p9: 0,2.7',
      'marigold-mahogany filler p9: 0,87.6',
      'petunia-small-pink spiller p10: 0,-88.2',
    ],
  },
  {
    brief: 't16',
    marks: [5.2, 5.3],
    plants: [
      'heuchera-lime filler p9: 0,0 3.3,-100.6',
      'begonia-tuber-apricot filler p10: -3.3,95.4 95.4,2.3',
      'periwinkle-variegated spiller p10: -99.9,92.9 -91.9,-100.8 98.3,-94.6 93.6,99.2',
      'begonia-rex filler p10: -95.3,-3.8',
    ],
  },
  {
    brief: 't16',
    marks: [3.9, 6.8],
    plants: [
      'carex-variegated filler p9: 0,0 3.3,-100.6',
      'hosta-small-blue filler p9: -3.3,100.6 100.6,3.3',
      'ivy-variegated spiller p10: -99.6,93.2 -93.2,-99.6 99.6,-93.2 93.2,99.6',
      'impatiens-pink filler p9: -100.6,-3.3',
    ],
  },
  {
    brief: 't16',
    marks: [5.6, 7.5],
    plants: [
      'begonia-tuber-apricot filler p10: 0,0 3.1,-97.1',
      'hakone-gold filler p9: -3.3,100.6 100.6,3.3',
      'periwinkle-lesser spiller p10: -99.6,93.2 -93.8,-99.1 100.1,-92.7 93.2,99.6',
      'hosta-small-blue filler p9: -100.6,-3.3',
    ],
  },
  {
    brief: 't16',
    marks: [5.4, 6.8],
    plants: [
      'hakone-gold filler p9: 0,0 3.3,-100.6',
      'hosta-small-blue filler p9: -3.3,100.6 100.6,3.3',
      'lamium-white spiller p9: -104.9,98.3 -98.3,-104.9 104.9,-98.3 98.3,104.9',
      'impatiens-pink filler p9: -100.6,-3.3',
    ],
  },
  {
    brief: 't16',
    marks: [4.5, 5.9],
    plants: [
      'impatiens-white filler p9: 0,0 3.3,-100.6',
      'hosta-small-blue filler p9: -3.3,100.6 100.6,3.3',
      'foamflower-trailing-green spiller p10: -99.1,93.8 -92.7,-100.1 99.6,-93.2 93.2,99.6',
      'begonia-tuber-apricot filler p10: -95.4,-3',
    ],
  },
  {
    brief: 't17',
    marks: [4.5, 5],
    plants: [
      'cordyline-green thriller l2: -220.7,-87.8 52.4,-87.8 238.2,-87.8',
      'wallflower-mauve filler l1: -410.5,5.7 -294.9,25 -166.8,35.6 -68.9,-28.5 25.5,48.5 145.3,10.2 297.6,33.5 380.8,-49',
      'petunia-small-white spiller p10: -394.7,113.4 -95.9,115.8 221.9,109.2',
      'calibrachoa-violet spiller p10: -237.8,115.8 114,112.6 380.5,101.7',
    ],
  },
  {
    brief: 't17',
    marks: [6.9, 6.6],
    plants: [
      'salvia-deep-blue thriller l2: -199,-87.8 18.9,-87.8 192.9,-87.8',
      'impatiens-sun-violet filler p10: -403.4,20.2 -321.2,-31.5 -244.9,28.4 -90.1,-26.5 -15.5,41.3 105.9,2.1 215,34.8 299.6,-21.9 405.2,14',
      'verbena-trailing-violet spiller p9: -401.1,111.2 -112.2,105.4 241.4,121.8',
      'fan-flower-blue spiller p10: -202.6,115.8 104.7,99.8 376.1,106.7',
    ],
  },
  {
    brief: 't17',
    marks: [6.3, 5.5],
    plants: [
      'mandevilla-white thriller l2: -212,-87.8 45.1,-87.8 241.3,-78.4',
      'salvia-violet filler p9: -401.1,21.2 -199,30.2 44.4,46.8 302.2,30.1',
      'wallflower-mauve filler l1: -300,14.6 -74.2,-24.6 138.7,9.6 374.4,-40.8',
      'verbena-trailing-violet spiller p9: -401.1,106.4 -39.1,105.5 394.3,105.5',
      'fan-flower-blue spiller p10: -166.3,115.4 228.5,99.8',
    ],
  },
  {
    brief: 't17',
    marks: [8.2, 8.7],
    plants: [
      'verbena-tall thriller l2: -283.1,-87.8 56.2,-87.8 244,-87.8',
      'lavender filler l1: -413.7,11.5 -301.3,46 -178,-3.1 -62.7,-24.2 39.8,48.9 149.9,9 307.8,34.1 384.9,-54',
      'erigeron spiller p9: -401.2,113.4 -34.5,117.5 394.3,105.5',
      'rosemary-trailing spiller l1: -134.9,105.8 215.6,105.8',
    ],
  },
  {
    brief: 't17',
    marks: [5.4, 6.7],
    plants: [
      'salvia-blue thriller l1: -261.1,-103.7 46.4,-89.4 242.5,-78.7',
      'coleus-black filler l1: -397.8,5.4 -281.1,12.9 -164.2,8.4 -52.5,-26.8 42.1,42.4 141,-20.4 292.2,28 381.9,-47.3',
      'petunia-small-violet spiller p10: -397.1,112.6 -45.2,104.5 388.9,99.8',
      'calibrachoa-violet spiller p10: -172.7,115.1 221,108.1',
    ],
  },
  {
    brief: 't18',
    marks: [4.7, 5.3],
    plants: [
      'fescue-blue thriller l1: -26.7,-14.6',
      'houseleek-red filler p9: -3.1,94.7 -95.4,59.5 9.1,-109.3 83.6,-44.7',
      'stonecrop-trailing-gold spiller p9: -112,-69.2 111.8,69.5',
    ],
  },
  {
    brief: 't18',
    marks: [3.8, 4.9],
    plants: [
      'fescue-blue thriller l1: -26.7,-14.6',
      'stonecrop-trailing-gold filler p9: -3.1,94.7 -95.4,59.5 9.1,-109.3 83.6,-44.7',
      'stonecrop-bronze spiller p9: -112,-69.2 111.8,69.5',
    ],
  },
  {
    brief: 't18',
    marks: [3.3, 5],
    plants: [
      'houseleek-green thriller p9: -44.5,-28.7',
      'stonecrop-trailing-gold filler p9: -3.1,94.7 -97.9,37.5 60.1,-73.3',
      'stonecrop-bronze spiller p9: -75.5,-107.8 123.2,46.4',
    ],
  },
  {
    brief: 't18',
    marks: [4.6, 5.3],
    plants: [
      'fescue-blue thriller l1: -16.6,-10.5',
      'houseleek-red filler p9: -3.1,94.7 -117,-23.6 48.4,-88',
      'stonecrop-trailing-gold spiller p9: -107,76.7 129.9,-21.4',
      'stonecrop-bronze spiller p9: -54.3,-119.9 101.8,83.5',
    ],
  },
  {
    brief: 't19',
    marks: [5.7, 7.3],
    plants: [
      'snapdragon-pink thriller l1: 0,-102.5',
      'heuchera-plum filler p9: -118.6,-30.5 0,28.8 118.6,-30.5',
      'alyssum-purple spiller p9: -130.4,61.4 0,144.1 130.4,61.4',
    ],
  },
  {
    brief: 't19',
    marks: [5.8, 6.6],
    plants: [
      'strobilanthes thriller l1: 0,-102.5',
      'petunia-black filler p10: -106.4,-52.5 -69.1,87.9 60.2,74.1 105.1,-52.3',
      'bacopa-lilac spiller p9: -140.5,31.9 2.4,144.1 140.6,31.6',
    ],
  },
  {
    brief: 't19',
    marks: [7.1, 7.4],
    plants: [
      'penstemon-violet thriller l1: 0,-102.5',
      'geranium-pink filler p9: -118.6,-30.5 63.5,104.8',
      'salvia-violet filler p9: -63.5,104.8 118.6,-30.5',
      'lamium-silver spiller p9: -133,55.5 133,55.5',
    ],
  },
  {
    brief: 't19',
    marks: [6.2, 6.7],
    plants: [
      'salvia-blue thriller l1: -1.9,-103.2',
      'impatiens-sun-violet filler p10: -104.2,-67.9 -85.3,106.5 43.1,48.2 99.2,-68',
      'fan-flower-pink spiller p10: -136,23.8 6.5,138 136.4,21.6',
    ],
  },
  {
    brief: 't19',
    marks: [3.7, 6.1],
    plants: [
      'fuchsia-upright-all-white thriller pack6: 0,-130.5',
      'alyssum-purple filler pack6: -134.3,-34.5 0,32.6 134.3,-34.5',
      'lamium-silver spiller pack6: -147.6,69.4 0,163.1 147.6,69.4',
    ],
  },
  {
    brief: 't20',
    marks: [4.2, 6.1],
    plants: [
      'begonia-trailing-white filler p9: 0,-32.4',
      'bacopa-white spiller pack6: 0,49.5 -255,49.5 255,49.5',
      'pelargonium-ivy-burgundy filler pack6: -112.2,-49.5 112.2,-49.5',
      'coleus-compact-wine filler pack6: -224.4,-49.5 224.4,-49.5',
    ],
  },
  {
    brief: 't20',
    marks: [6.6, 6.6],
    plants: [
      'petunia-small-pink filler p9: 0,-32.4',
      'verbena-trailing-white spiller pack6: 0,49.5 -255,49.5 255,49.5',
      'calibrachoa-red filler p9: -103.8,-32.4 103.8,-32.4',
      'salvia-compact-red filler pack6: -224.4,-49.5 224.4,-49.5',
    ],
  },
  {
    brief: 't20',
    marks: [5.5, 6],
    plants: [
      'pelargonium-ivy-red filler pack6: 0,-49.5',
      'alyssum-white spiller pack6: 0,49.5 -255,49.5 255,49.5',
      'dusty-miller filler pack6: -112.2,-49.5 112.2,-49.5',
      'begonia-rose-bronze filler pack6: -224.4,-49.5 224.4,-49.5',
    ],
  },
  {
    brief: 't20',
    marks: [3.7, 4],
    plants: [
      'houseleek-red filler p9: -204.8,-39 0,-42.6 204.8,-39',
      'erigeron spiller p9: -238.9,39 238.9,39',
      'stonecrop-bronze spiller p9: 0,42.6',
    ],
  },
  {
    brief: 't20',
    marks: [6.7, 7.9],
    plants: [
      'calibrachoa-red filler p10: 0,-27 -196.7,-37 196.7,-37',
      'dusty-miller filler p9: -103.8,-32.4 103.8,-32.4',
      'verbena-trailing-white spiller p9: -241.7,42.4 241.7,42.4',
    ],
  },
  {
    brief: 't21',
    marks: [5, 5.5],
    plants: [
      'fuchsia-coral thriller p9: 0,0',
      'pelargonium-ivy-burgundy filler pack6: 0,117.4 -91.8,73.2 -51,-105.8 114.5,-26.1',
      'liquorice-plant-silver spiller pack6: -159,-36.3 70.8,-147 127.5,101.7',
    ],
  },
  {
    brief: 't21',
    marks: [7.4, 7.1],
    plants: [
      'phormium-bronze thriller l1: 0,0',
      'petunia-small-pink filler p10: 0,107.1 -92.8,53.6 0,-107.1 92.8,-53.6',
      'coleus-trailing-lime spiller p9: -124.8,-72.1 124.8,72.1',
    ],
  },
  {
    brief: 't21',
    marks: [7, 7.2],
    plants: [
      'ti-plant-pink thriller l1: 0,0',
      'begonia-rose-bronze filler p9: 0,103.8 -81.1,64.7 -45,-93.5 101.2,-23.1',
      'calibrachoa-pink spiller p10: -134.6,-30.7 59.9,-124.4 108,86.1',
    ],
  },
  {
    brief: 't21',
    marks: [7.2, 8.3],
    plants: [
      'ivy-column-gold thriller l2: 0,0',
      'heuchera-plum filler p9: 0,119.1 -93.1,74.3 -51.7,-107.3 116.1,-26.5',
      'lysimachia-flowering spiller p9: -140.5,-32.1 62.5,-129.8 112.7,89.9',
    ],
  },
  {
    brief: 't21',
    marks: [6.5, 7.5],
    plants: [
      'maple-lace thriller l2: 0,0',
      'begonia-rose-bronze filler p9: -59.5,103.1 119.1,0',
      'coleus-trailing-lime spiller p9: -144.1,0 72.1,-124.8 72.1,124.8',
      'heuchera-silver filler p9: -59.6,-103.1',
    ],
  },
  {
    brief: 't22',
    marks: [8, 7.6],
    plants: [
      'calibrachoa-orange filler p9: -4.9,150.1 -62,-136.8 116.1,95.3',
      'calibrachoa-red filler p9: -122.1,87.5 70.8,-132.4 0,0',
      'calibrachoa-apricot filler p9: -146.2,-34.1 148.1,-24.5',
    ],
  },
  {
    brief: 't22',
    marks: [7, 7.3],
    plants: [
      'begonia-trailing-orange filler p10: -4.7,143.7 -59.3,-130.9 111.1,91.2',
      'begonia-trailing-yellow filler p10: -116.9,83.7 67.8,-126.8 0,0',
      'begonia-trailing-red filler p10: -140,-32.6 141.8,-23.4',
    ],
  },
  {
    brief: 't22',
    marks: [5, 5.5],
    plants: [
      'verbena-red filler p9: -4.9,150.1 -62,-136.8 116.1,95.3',
      'verbena-pink filler p9: -122.1,87.5 70.8,-132.4 0,0',
      'verbena-peach filler p9: -146.2,-34.1 148.1,-24.5',
    ],
  },
  {
    brief: 't22',
    marks: [3.6, 3.4],
    plants: [
      'petunia-red filler p10: -4.7,143.7 -59.3,-130.9 111.1,91.2',
      'petunia-trailing-pink filler p10: -116.9,83.7 67.8,-126.8 0,0',
      'petunia-black filler p10: -140,-32.6 141.8,-23.4',
    ],
  },
];
