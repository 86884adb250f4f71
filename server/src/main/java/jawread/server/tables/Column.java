package jawread.server.tables;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * A column, and how what it holds is written down.
 *
 * @param name in small letters
 * @param isOptional whether it may be empty
 * @param most letters that it has room for; 0 where it holds no text, or as long a one as any
 */
public record Column(String name, Form form, boolean isOptional, long most) {
    /**
     * Lengths and statistics are whole numbers of 64 bits or decimals: they stand as texts, for a JSON number holds no more than 53
     * bits of them.
     */
    public enum Form {
        TEXT {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return row.getString(index);
            }

            @Override
            public Object read(JsonNode cell) {
                return text(cell);
            }
        },
        SMALL_NUMBER {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return row.getInt(index);
            }

            @Override
            public Object read(JsonNode cell) {
                if (!cell.isInt()) {
                    throw new IllegalArgumentException("no whole number");
                }
                return cell.intValue();
            }
        },
        NUMBER {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return Long.toString(row.getLong(index));
            }

            @Override
            public Object read(JsonNode cell) {
                return Long.valueOf(text(cell));
            }
        },
        DECIMAL {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return row.getBigDecimal(index).toPlainString();
            }

            @Override
            public Object read(JsonNode cell) {
                return new BigDecimal(text(cell));
            }
        },
        TRUTH {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return row.getBoolean(index);
            }

            @Override
            public Object read(JsonNode cell) {
                if (!cell.isBoolean()) {
                    throw new IllegalArgumentException("neither true nor false");
                }
                return cell.booleanValue();
            }
        },
        KEY {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return row.getString(index);
            }

            @Override
            public Object read(JsonNode cell) {
                return UUID.fromString(text(cell));
            }
        },
        DAY {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return row.getObject(index, LocalDate.class).toString();
            }

            @Override
            public Object read(JsonNode cell) {
                return LocalDate.parse(text(cell));
            }
        },
        MOMENT {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return row.getObject(index, OffsetDateTime.class).toInstant().toString();
            }

            @Override
            public Object read(JsonNode cell) {
                return OffsetDateTime.parse(text(cell)).withOffsetSameInstant(ZoneOffset.UTC);
            }
        },
        /** Stands as its SHA-256; what it is lies beside the rows. */
        BYTES {
            @Override
            Object write(ResultSet row, int index) throws SQLException {
                return CanonicalJson.digest(row.getBytes(index));
            }

            @Override
            public Object read(JsonNode cell) {
                return text(cell);
            }
        };

        /** What {@link #read} has made, as {@link #write} writes it. */
        public Object asWritten(Object value) {
            return switch (this) {
                case SMALL_NUMBER, TRUTH -> value;
                case MOMENT -> ((OffsetDateTime) value).toInstant().toString();
                case DECIMAL -> ((BigDecimal) value).toPlainString();
                default -> value.toString();
            };
        }

        /** Of a cell that is not empty. */
        abstract Object write(ResultSet row, int index) throws SQLException;

        /** As the database takes it. Throws {@link RuntimeException} where it is none. */
        public abstract Object read(JsonNode cell);

        static Form of(String type) {
            return switch (type) {
                case "CHARACTER VARYING", "CHARACTER", "CHARACTER LARGE OBJECT" -> TEXT;
                case "INTEGER", "SMALLINT", "TINYINT" -> SMALL_NUMBER;
                case "BIGINT" -> NUMBER;
                case "NUMERIC", "DECFLOAT" -> DECIMAL;
                case "BOOLEAN" -> TRUTH;
                case "UUID" -> KEY;
                case "DATE" -> DAY;
                case "TIMESTAMP WITH TIME ZONE" -> MOMENT;
                case "BINARY VARYING", "BINARY", "BINARY LARGE OBJECT" -> BYTES;
                default -> throw new IllegalStateException("A column of type " + type + " has no form in a backup");
            };
        }

        private static String text(JsonNode cell) {
            if (!cell.isString()) {
                throw new IllegalArgumentException("no text");
            }
            return cell.stringValue();
        }
    }
}
