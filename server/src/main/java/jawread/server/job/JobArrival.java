package jawread.server.job;

import java.time.Instant;
import java.util.UUID;

/**
 * That a job came in as a file, or more of it.
 *
 * @param home the shop that the file says it was measured in
 * @param sha256 of the file
 * @param rows how many of its rows were new here
 * @param person who brought it in
 */
public record JobArrival(UUID id, long job, String home, String sha256, int rows, long person, Instant at) {}
