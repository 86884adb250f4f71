/** Tables for other programs: CSV, tab-separated text and XLSX, each from the same table. Nothing here knows what a job is. */
package jawread.server.tabular;
