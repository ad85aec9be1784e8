#include <iostream>
using namespace std;

int main() {
    int n;
    cout << "n = ";
    cin >> n;
    bool prime = true;
    if (n < 2) prime = false;
    for (int i = 2; i * i <= n; ++i) {
        if (n % i == 0) { prime = false; break; }
    }
    cout << n << (prime ? " is prime" : " is not prime") << endl;
    int reversed = 0, temp = n, sum = 0;
    while (temp > 0) {
        int digit = temp % 10;
        reversed = reversed * 10 + digit;
        sum += digit;
        temp /= 10;
    }
    cout << reversed << " " << sum << endl;
    long long fact = 1;
    for (int i = 1; i <= 15; i++) fact *= i;
    cout << fact << endl;
    int a = 0, b = 1;
    for (int i = 0; i < 10; i++) {
        cout << a << (i < 9 ? ", " : "\n");
        int next = a + b;
        a = b;
        b = next;
    }
    for (int row = 1; row <= 4; row++) {
        for (int s = 0; s < 4 - row; s++) cout << " ";
        for (int k = 0; k < 2 * row - 1; k++) cout << "*";
        cout << endl;
    }
    int x = 10, y = 3;
    cout << x / y << " " << x % y << " " << (float)x / y << " " << double(x) / y << " " << x / 4.0 << endl;
}
