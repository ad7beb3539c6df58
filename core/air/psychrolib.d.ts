declare module 'psychrolib' {
  interface Psychrolib {
    readonly SI: unknown;
    SetUnitSystem(system: unknown): void;
    /** Pa over water or ice, −100 to 200 °C. */
    GetSatVapPres(tempC: number): number;
    /** Pa, standard atmosphere. */
    GetStandardAtmPressure(altitudeM: number): number;
    /** Pa. */
    GetVapPresFromRelHum(tempC: number, relativeHumidity: number): number;
  }
  const psychrolib: Psychrolib;
  export default psychrolib;
}
