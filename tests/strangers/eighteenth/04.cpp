#include <iostream>
#include <cmath>
using namespace std;

int factorial(int n) { return n <= 1 ? 1 : n * factorial(n - 1); }
int fibonacci(int n) {
    if (n == 0 || n == 1) return n;
    return fibonacci(n - 1) + fibonacci(n - 2);
}
int gcd(int a, int b) {
    while (b != 0) {
        int t = b;
        b = a % b;
        a = t;
    }
    return a;
}
bool isPrime(int n) {
    if (n < 2) return false;
    for (int i = 2; i <= sqrt(n); i++)
        if (n % i == 0) return false;
    return true;
}
void hanoi(int n, char from, char to, char via, int &moves) {
    if (n == 0) return;
    hanoi(n - 1, from, via, to, moves);
    moves++;
    if (moves <= 3) cout << "disc " << n << ": " << from << " -> " << to << endl;
    hanoi(n - 1, via, to, from, moves);
}
long long power(long long b, int e) {
    long long r = 1;
    for (; e > 0; e >>= 1, b *= b)
        if (e & 1) r *= b;
    return r;
}
string toBinary(int n) {
    string s;
    do {
        s = char('0' + n % 2) + s;
        n /= 2;
    } while (n);
    return s;
}
int sumDigits(int n) {
    int s = 0;
    for (; n; n /= 10) s += n % 10;
    return s;
}
int main() {
    cout << factorial(10) << " " << fibonacci(15) << " " << gcd(84, 30) << endl;
    for (int i = 0; i < 30; ++i)
        if (isPrime(i)) cout << i << ' ';
    cout << endl;
    int moves = 0;
    hanoi(5, 'A', 'C', 'B', moves);
    cout << moves << " moves" << endl;
    cout << power(3, 20) << " " << toBinary(37) << " " << sumDigits(98765) << endl;
    int a[] = {5, 2, 9, 1};
    int n = sizeof(a) / sizeof(a[0]);
    for (int i = 0; i < n - 1; i++) {
        int min = i;
        for (int j = i + 1; j < n; j++)
            if (a[j] < a[min]) min = j;
        swap(a[i], a[min]);
    }
    for (int x : a) cout << x << " ";
    cout << "\n";
    double x = 2;
    for (int i = 0; i < 6; i++) x = (x + 2 / x) / 2;
    cout.precision(10);
    cout << x << endl;
    int year = 2024;
    cout << boolalpha << ((year % 4 == 0 && year % 100 != 0) || year % 400 == 0) << endl;
    cout << 'a' + 1 << " " << char('a' + 1) << " " << (int)'z' << " " << 10 / 3 << " " << 10 % 3 << " " << -10 / 3 << " " << 10.0 / 4 << endl;
}
