package jawread.server.card;

import jawread.server.words.LengthText;

/** The distance of two centres. */
record CentresView(LengthText distance, String formula, String sentence) {}
