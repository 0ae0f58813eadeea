// Reads calls of the compiled rules, one a line as JSON, and writes what they answer.
import { createInterface } from "node:readline";

const rules = await import(process.argv[2]);
const said = (value) => (value === Infinity ? "Infinity" : value);
for await (const line of createInterface({ input: process.stdin })) {
  const { rule, given } = JSON.parse(line);
  const answer = rules[rule](...given);
  const figures =
    typeof answer === "object" ? (answer.length === undefined ? Object.values(answer) : [...answer]) : [answer];
  console.log(figures.map(said).join(" "));
}
