/**
 * A whole job as one file of canonical JSON: its plans, parts, readings, marks and gauges, row by row, with the numbers that rows have in
 * this shop's tables replaced by numbers of the file's own. What is brought in goes out again as the same bytes. The form of the file is
 * published as a JSON Schema, which is made from the same sections.
 */
package jawread.server.jobfile;
