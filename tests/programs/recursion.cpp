#include <iostream>
#include <string>
using namespace std;

int fib(int n) { return n < 2 ? n : fib(n - 1) + fib(n - 2); }
long long factorial(int n) { return n <= 1 ? 1 : n * factorial(n - 1); }
int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
void move(int count, char from, char to, char spare) {
    if (count == 0) return;
    move(count - 1, from, spare, to);
    cout << from << to << " ";
    move(count - 1, spare, to, from);
}
string binary(int n) {
    if (n < 2) return to_string(n);
    return binary(n / 2) + to_string(n % 2);
}

int main() {
    cout << fib(15) << " " << factorial(20) << " " << gcd(48, 36) << " " << binary(37) << endl;
    move(3, 'A', 'C', 'B');
    cout << endl;
}
