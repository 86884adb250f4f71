package jawread.server.door;

import java.util.Map;
import java.util.Optional;
import jawread.server.door.Sound.Flaw;
import tools.jackson.databind.JsonNode;

/** The same for a body that is taken as it comes: columns by name, or rows of them. */
final class JsonSound {
    /** A file of vectors has some hundreds of rows. */
    private static final int MOST_ITEMS = 5000;

    private static final int LONGEST_CELL = 20_000;

    private static final double LARGEST = 1e30;

    private JsonSound() {}

    static Optional<Flaw> flaw(JsonNode node, String path) {
        if (node.isContainer()) {
            return containerFlaw(node, path);
        }
        if (node.isNumber()) {
            return isBounded(node) ? Optional.empty() : Optional.of(Flaw.of("number-too-long", path));
        }
        if (node.isString()) {
            String text = node.asString();
            return text.length() > LONGEST_CELL
                    ? Optional.of(new Flaw("text-longer", path, LONGEST_CELL))
                    : Sound.textFlaw(text, path, true);
        }
        return Optional.empty();
    }

    private static boolean isBounded(JsonNode number) {
        if (number.isDouble() || number.isFloat()) {
            return Double.isFinite(number.doubleValue()) && Math.abs(number.doubleValue()) < LARGEST;
        }
        return number.isInt()
                || number.isLong()
                || number.isBigInteger() && number.bigIntegerValue().bitLength() < Long.SIZE
                || number.isBigDecimal() && Sound.isBounded(number.decimalValue());
    }

    private static Optional<Flaw> containerFlaw(JsonNode node, String path) {
        if (node.size() > MOST_ITEMS) {
            return Optional.of(new Flaw("list-too-long", path, MOST_ITEMS));
        }
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                Optional<Flaw> flaw = flaw(node.get(i), path + "[" + i + "]");
                if (flaw.isPresent()) {
                    return flaw;
                }
            }
            return Optional.empty();
        }
        for (Map.Entry<String, JsonNode> field : node.properties()) {
            Optional<Flaw> flaw = flaw(field.getValue(), path.isEmpty() ? field.getKey() : path + "." + field.getKey());
            if (flaw.isPresent()) {
                return flaw;
            }
        }
        return Optional.empty();
    }
}
