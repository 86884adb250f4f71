/**
 * Calculations that keep nothing: {@code POST /api/calc/{topic}} takes the input columns of a topic by name and answers
 * its output columns by name. A further topic is one more {@link jawread.server.calc.CalcTopic}.
 */
package jawread.server.calc;
