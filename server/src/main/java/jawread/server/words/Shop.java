package jawread.server.words;

import java.nio.file.Path;
import java.util.Set;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * The settings of this shop.
 *
 * @param data the folder that holds everything it keeps
 * @param allowedHosts host names its pages may be asked for by, without a port
 * @param demonstration whether all of it is made up, and says so on every page
 * @param decimalMark the mark in every figure shown: a point or a comma
 */
@ConfigurationProperties("jawread")
public record Shop(String shopName, Path data, Set<String> allowedHosts, boolean demonstration, String decimalMark) {}
