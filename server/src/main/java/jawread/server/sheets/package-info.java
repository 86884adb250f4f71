/** Tables for other programs: CSV, tab-separated text and XLSX, each from the same sheet. Nothing here knows what a job is. */
package jawread.server.sheets;
