/** Number types of what is compiled (see docs/architecture.md, "Compiled steps"); to TypeScript they are numbers like any other. */
type f32 = number;
type f64 = number;
type i32 = number;
