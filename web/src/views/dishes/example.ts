/** A page to try the reader with. */
export const EXAMPLE = `Plum-glazed pork shoulder
Serves 6

Ingredients
2 kg pork shoulder, bone in
For the marinade:
150 ml soy sauce
3 tbsp brown sugar
4 cloves garlic, minced
1 tbsp grated ginger
A good glug of plum sauce

Method
1. Mix the soy sauce, sugar, garlic and ginger. Set aside half a cup for the glaze. Pour the rest over the pork, cover and refrigerate for 4 hours or overnight, at most 2 days.
2. Take the pork out of the fridge 1 hour before cooking. Preheat the oven to 160 °C.
3. Roast for 3½ to 4 hours, basting every 40 minutes, until a thermometer reads 88 °C.
4. Stir the plum sauce into the part you kept. Brush with the glaze and roast for 10 minutes at 220 °C.
5. Rest for 30 minutes under foil. Meanwhile, simmer the juices until reduced by half, about 10 minutes.
6. Shred and serve. My aunt swears by a spoon of it the next morning.
`;
