package jawread.server.door;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Size;
import java.lang.reflect.AnnotatedElement;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.JsonNode;

/**
 * What no field of any body may be: absent unless it is marked {@link Nullable}, a text with half a character or a control character
 * in it or with nothing in it that can be seen, a list longer than anybody sends, a number whose digits would fill the machine, a moment before gauges had scales. Limits of
 * its own a field bears as an annotation.
 */
final class Sound {
    /** Features of a plan are 2000 at most; nothing else comes near. */
    private static final int LONGEST_LIST = 2000;

    private static final int LONGEST_TEXT = 2000;
    private static final int MOST_DIGITS = 30;
    private static final int MOST_DECIMALS = 12;
    private static final Instant FIRST = Instant.parse("1970-01-01T00:00:00Z");
    private static final Instant LAST = Instant.parse("2200-01-01T00:00:00Z");

    /** @param code of the problem @param path of the field, as {@code parts[2].name} */
    record Flaw(String code, String path, int most) {
        static Flaw of(String code, String path) {
            return new Flaw(code, path, 0);
        }
    }

    /** A component as it was declared. */
    private record Field(String name, java.lang.reflect.Method accessor, boolean mayBeAbsent, boolean hasOwnSize) {
        static Field of(RecordComponent component, AnnotatedElement declared) {
            var accessor = component.getAccessor();
            accessor.setAccessible(true);
            return new Field(
                    component.getName(),
                    accessor,
                    component.isAnnotationPresent(Nullable.class) || declared.isAnnotationPresent(Nullable.class),
                    declared.isAnnotationPresent(Size.class) || declared.isAnnotationPresent(TypedFigure.class));
        }
    }

    private static final Map<Class<?>, List<Field>> FIELDS = new ConcurrentHashMap<>();

    private Sound() {}

    /** The first flaw of a body, if it has one. */
    static Optional<Flaw> flawOf(Object body) {
        return flaw(body, "", false);
    }

    private static Optional<Flaw> flaw(Object value, String path, boolean hasOwnSize) {
        if (value instanceof String text) {
            return textFlaw(text, path, hasOwnSize);
        }
        if (value instanceof BigDecimal number) {
            return isBounded(number) ? Optional.empty() : Optional.of(Flaw.of("number-too-long", path));
        }
        if (value instanceof Instant moment) {
            boolean isPossible = !moment.isBefore(FIRST) && moment.isBefore(LAST);
            return isPossible ? Optional.empty() : Optional.of(Flaw.of("bad-moment", path));
        }
        if (value instanceof List<?> list) {
            return listFlaw(list, path, hasOwnSize);
        }
        if (value instanceof Map<?, ?> map) {
            return mapFlaw(map, path);
        }
        if (value instanceof JsonNode node) {
            return JsonSound.flaw(node, path);
        }
        return value instanceof Record record ? recordFlaw(record, path) : Optional.empty();
    }

    static Optional<Flaw> textFlaw(String text, String path, boolean hasOwnSize) {
        if (!hasOwnSize && text.length() > LONGEST_TEXT) {
            return Optional.of(new Flaw("text-longer", path, LONGEST_TEXT));
        }
        if (!SoundText.isSound(text)) {
            return Optional.of(Flaw.of("broken-text", path));
        }
        // What is plainly empty is for whoever knows whether it may be.
        return text.isBlank() || SoundText.canBeSeen(text)
                ? Optional.empty()
                : Optional.of(Flaw.of("unseen-text", path));
    }

    static boolean isBounded(BigDecimal number) {
        return number.precision() <= MOST_DIGITS && number.scale() <= MOST_DECIMALS && number.scale() >= -MOST_DIGITS;
    }

    private static Optional<Flaw> listFlaw(List<?> list, String path, boolean hasOwnSize) {
        if (!hasOwnSize && list.size() > LONGEST_LIST) {
            return Optional.of(new Flaw("list-too-long", path, LONGEST_LIST));
        }
        for (int i = 0; i < list.size(); i++) {
            String at = path + "[" + i + "]";
            Optional<Flaw> flaw =
                    list.get(i) == null ? Optional.of(Flaw.of("missing", at)) : flaw(list.get(i), at, false);
            if (flaw.isPresent()) {
                return flaw;
            }
        }
        return Optional.empty();
    }

    private static Optional<Flaw> mapFlaw(Map<?, ?> map, String path) {
        var cells = new ArrayList<Object>(map.keySet());
        cells.addAll(map.values());
        return listFlaw(cells, path, false).map(flaw -> new Flaw(flaw.code(), path, flaw.most()));
    }

    private static Optional<Flaw> recordFlaw(Record record, String path) {
        for (Field field : FIELDS.computeIfAbsent(record.getClass(), Sound::fields)) {
            String at = path.isEmpty() ? field.name() : path + "." + field.name();
            Object value = read(record, field);
            Optional<Flaw> flaw = value != null
                    ? flaw(value, at, field.hasOwnSize())
                    : field.mayBeAbsent() ? Optional.empty() : Optional.of(Flaw.of("missing", at));
            if (flaw.isPresent()) {
                return flaw;
            }
        }
        return Optional.empty();
    }

    private static List<Field> fields(Class<?> type) {
        return Arrays.stream(type.getRecordComponents())
                .map(component -> {
                    try {
                        return Field.of(component, type.getDeclaredField(component.getName()));
                    } catch (NoSuchFieldException e) {
                        throw new IllegalStateException(e);
                    }
                })
                .toList();
    }

    private static Object read(Record record, Field field) {
        try {
            return field.accessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
