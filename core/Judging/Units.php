<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

use Brick\Math\BigRational;

/**
 * The units of school work, each exact by its definition: the SI (BIPM, The International System of Units, 9th
 * edition),
 * inch, foot, yard, mile, pound and ounce by the agreement of 1959 (NIST SP 811, appendix B), the nautical mile, the
 * imperial pint and gallon (Units of Measurement Regulations 1995, UK).
 */
final class Units
{
    /** What is measured => [names => how many of the first unit one is]. */
    private const TABLE = [
        'length' => [
            'm metre metres meter meters' => '1',
            'km kilometre kilometres kilometer kilometers' => '1000',
            'dm decimetre decimetres decimeter decimeters' => '1/10',
            'cm centimetre centimetres centimeter centimeters' => '1/100',
            'mm millimetre millimetres millimeter millimeters' => '1/1000',
            'µm μm um micrometre micrometres micron microns' => '1/1000000',
            'nm nanometre nanometres' => '1/1000000000',
            'in inch inches "' => '254/10000',
            "ft foot feet '" => '3048/10000',
            'yd yard yards' => '9144/10000',
            'mi mile miles' => '1609344/1000',
            'nmi M nautical_mile nautical_miles' => '1852',
            'fathom fathoms' => '18288/10000',
        ],
        'area' => [
            'm^2 sq_m square_metre square_metres square_meter square_meters' => '1',
            'cm^2 sq_cm square_centimetre square_centimetres square_centimeter square_centimeters' => '1/10000',
            'mm^2 sq_mm square_millimetre square_millimetres' => '1/1000000',
            'km^2 sq_km square_kilometre square_kilometres square_kilometer square_kilometers' => '1000000',
            'ha hectare hectares' => '10000',
            'ft^2 sq_ft square_foot square_feet' => '9290304/100000000',
            'in^2 sq_in square_inch square_inches' => '64516/100000000',
        ],
        'volume' => [
            'l L litre litres liter liters dm^3' => '1',
            'dl dL decilitre decilitres' => '1/10',
            'cl cL centilitre centilitres centiliter centiliters' => '1/100',
            'ml mL millilitre millilitres milliliter milliliters cm^3 cc cubic_centimetre cubic_centimetres '
                .'cubic_centimeter cubic_centimeters' => '1/1000',
            'm^3 cubic_metre cubic_metres cubic_meter cubic_meters' => '1000',
            'mm^3 cubic_millimetre cubic_millimetres' => '1/1000000',
            'pt pint pints' => '56826125/100000000',
            'gal gallon gallons' => '454609/100000',
        ],
        'mass' => [
            'g gram grams gramme grammes' => '1',
            'kg kilo kilos kilogram kilograms kilogramme kilogrammes' => '1000',
            'mg milligram milligrams' => '1/1000',
            't tonne tonnes' => '1000000',
            'lb lbs pound pounds' => '45359237/100000',
            'oz ounce ounces' => '28349523125/1000000000',
            'st stone stones' => '635029318/100000',
        ],
        'time' => [
            's sec secs second seconds' => '1',
            'ms millisecond milliseconds' => '1/1000',
            'min mins minute minutes m' => '60',
            'h hr hrs hour hours' => '3600',
            'd day days' => '86400',
            'week weeks wk wks' => '604800',
        ],
        'speed' => [
            'm/s metres_per_second meters_per_second' => '1',
            'km/h kph kmh kilometres_per_hour kilometers_per_hour' => '1000/3600',
            'mph miles_per_hour' => '1609344/3600000',
            'kn kt kts knot knots' => '1852/3600',
        ],
        'angle' => ['° deg degree degrees' => '1'],
        'share' => ['% percent per_cent pc' => '1/100'],
        'force' => ['N newton newtons' => '1', 'kN kilonewton kilonewtons' => '1000'],
        'energy' => ['J joule joules' => '1', 'kJ kilojoule kilojoules' => '1000', 'kWh' => '3600000'],
        'power' => ['W watt watts' => '1', 'kW kilowatt kilowatts' => '1000', 'MW megawatt megawatts' => '1000000'],
        'voltage' => ['V volt volts' => '1', 'mV millivolt millivolts' => '1/1000', 'kV kilovolt kilovolts' => '1000'],
        'current' => ['A amp amps ampere amperes' => '1', 'mA milliamp milliamps' => '1/1000'],
        'resistance' => ['Ω ohm ohms' => '1', 'kΩ kilohm kilohms' => '1000'],
        'frequency' => ['Hz hertz' => '1', 'kHz kilohertz' => '1000', 'MHz megahertz' => '1000000'],
        'pressure' => [
            'Pa pascal pascals' => '1',
            'hPa mbar mb millibar millibars' => '100',
            'kPa' => '1000',
            'bar bars' => '100000',
        ],
        'pounds' => ['£ GBP' => '1', 'p penny pence' => '1/100'],
        'dollars' => ['$ USD dollar dollars' => '1', '¢ c cent cents' => '1/100'],
        'euros' => ['€ EUR euro euros' => '1', 'c ct cent cents' => '1/100'],
    ];

    /** The Celsius zero is 273.15 K; the Fahrenheit degree is 5/9 of it, and its zero 459.67 of them above none. */
    private const TEMPERATURES = [
        'K kelvin kelvins' => ['1', '0'],
        '°C degC C celsius degrees_celsius' => ['1', '273.15'],
        '°F degF F fahrenheit degrees_fahrenheit' => ['5/9', '45967/180'],
    ];

    /** @var array<string, list<Unit>>|null */
    private static ?array $byName = null;

    /** @var array<string, list<Unit>>|null */
    private static ?array $inAnyCase = null;

    /** @return list<Unit> what a name may mean, in its own letters; if nothing, in small ones */
    public static function named(string $name): array
    {
        $name = str_replace(' ', '_', trim(TextReading::plain($name), ' .'));
        $name = (string) preg_replace('/(?<=[a-zµ])([23])$/u', '^$1', $name);
        $units = self::byName();

        return $units[$name] ?? $units[mb_strtolower($name)] ?? self::inAnyCase()[mb_strtolower($name)] ?? [];
    }

    /** @return array<string, list<Unit>> */
    private static function byName(): array
    {
        if (self::$byName !== null) {
            return self::$byName;
        }
        $units = [];
        foreach (self::TABLE as $of => $names) {
            foreach ($names as $all => $factor) {
                foreach (explode(' ', $all) as $name) {
                    $units[$name][] = new Unit($of, BigRational::of($factor));
                }
            }
        }
        foreach (self::TEMPERATURES as $all => [$factor, $zero]) {
            foreach (explode(' ', $all) as $name) {
                $units[$name][] = new Unit('temperature', BigRational::of($factor), BigRational::of($zero));
            }
        }

        return self::$byName = $units;
    }

    /** @return array<string, list<Unit>> */
    private static function inAnyCase(): array
    {
        if (self::$inAnyCase !== null) {
            return self::$inAnyCase;
        }
        $units = [];
        foreach (self::byName() as $name => $all) {
            $small = mb_strtolower((string) $name);
            $units[$small] = [...$units[$small] ?? [], ...$all];
        }

        return self::$inAnyCase = $units;
    }
}
