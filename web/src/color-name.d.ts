declare module "color-name" {
  const names: Record<string, [number, number, number]>;
  export default names;
}
