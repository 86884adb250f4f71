package jawread.server.intake;

import java.util.List;

/**
 * How a table is to be understood.
 *
 * @param columns what each column holds, from the left; empty: as the program takes it
 * @param gauge of rows that name none; empty where nobody has said
 * @param again whether the same file is other readings than it was before
 */
record How(List<String> columns, String gauge, boolean again) {}
