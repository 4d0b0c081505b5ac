/** The parts of psychrolib (no types of its own) that the core uses. */
declare module 'psychrolib' {
  interface Psychrolib {
    readonly SI: number;
    SetUnitSystem(system: number): void;
    /** saturation vapour pressure [Pa] at a dry-bulb temperature [°C] */
    GetSatVapPres(temperatureC: number): number;
    /** humidity ratio [kg/kg] at a pressure [Pa] */
    GetHumRatioFromRelHum(temperatureC: number, relativeHumidity: number, pa: number): number;
    /** vapour pressure [Pa] */
    GetVapPresFromHumRatio(humidityRatio: number, pa: number): number;
  }
  const psychrolib: Psychrolib;
  export default psychrolib;
}
