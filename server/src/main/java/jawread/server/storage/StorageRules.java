package jawread.server.storage;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.util.unit.DataSize;

/**
 * How the shop's file is kept.
 *
 * @param reserve room on its disk below which nothing more is kept: a database whose disk is really full closes itself, and cannot
 *     even be read
 */
@ConfigurationProperties("jawread.storage")
record StorageRules(DataSize reserve) {}
