#include <iostream>
#include <string>
using namespace std;

int power(int base, int exponent);
double price(int seeds, double each = 0.25);
string label(string name, int count = 1) {
    return name + " x" + to_string(count);
}
bool isPrime(int number) {
    if (number < 2) return false;
    for (int i = 2; i * i <= number; i++) {
        if (number % i == 0) return false;
    }
    return true;
}
void line() {
    cout << "--" << endl;
}
int visits = 0;
void visit() {
    visits++;
}

int main() {
    cout << power(2, 10) << " " << price(8) << " " << price(8, 0.5) << endl;
    line();
    cout << label("pea") << " " << label("bean", 3) << endl;
    for (int i = 0; i < 20; i++) if (isPrime(i)) cout << i << " ";
    cout << endl;
    visit();
    visit();
    cout << visits << endl;
}

int power(int base, int exponent) {
    if (exponent == 0) return 1;
    return base * power(base, exponent - 1);
}

double price(int seeds, double each) {
    return seeds * each;
}
