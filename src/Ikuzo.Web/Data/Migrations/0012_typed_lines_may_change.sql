-- Lines of which no size and no bowl was said were kept as if both had been chosen by hand, so that no better place was looked for.
UPDATE dishes SET document = replace(document, '"size":"usual","inBowl":false', '"size":null,"inBowl":null');
