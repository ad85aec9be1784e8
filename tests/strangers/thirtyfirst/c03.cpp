#include <iostream>
using namespace std;

// A simple fraction class with operators
class Fraction {
    int num, den;

    int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    void simplify() {
        int g = gcd(num < 0 ? -num : num, den);
        if (g > 1) {
            num /= g;
            den /= g;
        }
    }

public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) {
        if (den == 0) {
            cout << "Denominator cannot be zero!" << endl;
            den = 1;
        }
        simplify();
    }

    Fraction operator+(const Fraction &other) {
        return Fraction(num * other.den + other.num * den, den * other.den);
    }
    Fraction operator-(const Fraction &other) {
        return Fraction(num * other.den - other.num * den, den * other.den);
    }
    Fraction operator*(const Fraction &other) {
        return Fraction(num * other.num, den * other.den);
    }
    Fraction operator/(const Fraction &other) {
        return Fraction(num * other.den, den * other.num);
    }
    bool operator==(const Fraction &other) {
        return num == other.num && den == other.den;
    }
    bool operator<(const Fraction &o) { return num * o.den < o.num * den; }

    void print() {
        if (den == 1) cout << num;
        else cout << num << "/" << den;
    }

    double toDouble() { return (double) num / den; }
};

int main() {
    Fraction a(1, 2), b(3, 4), c;
    c = a + b;
    cout << "a + b = "; c.print(); cout << endl;
    c = a - b;
    cout << "a - b = "; c.print(); cout << endl;
    c = a * b;
    cout << "a * b = "; c.print(); cout << endl;
    c = a / b;
    cout << "a / b = "; c.print(); cout << endl;
    cout << "as double: " << c.toDouble() << endl;
    if (a == Fraction(2, 4)) cout << "equal" << endl;
    if (a < b) cout << "smaller" << endl;
    Fraction d(5, 0);
    d.print();
    cout << endl;
    Fraction arr[3] = { Fraction(1, 3), Fraction(2), Fraction() };
    Fraction sum;
    for (int i = 0; i < 3; i++) sum = sum + arr[i];
    sum.print();
    cout << endl;
    return 0;
}
