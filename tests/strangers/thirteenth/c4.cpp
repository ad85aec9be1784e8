#include <iostream>
#include <cmath>
#include <limits>
using namespace std;

const double PI = 3.14159265358979;

double power(double base, int exp) {
    if (exp == 0) return 1;
    if (exp < 0) return 1.0 / power(base, -exp);
    double half = power(base, exp / 2);
    return exp % 2 == 0 ? half * half : half * half * base;
}

bool prime(int n) {
    if (n < 2) return false;
    for (int d = 2; d * d <= n; ++d)
        if (n % d == 0) return false;
    return true;
}

void hanoi(int n, char from, char to, char via, int& moves) {
    if (n == 0) return;
    hanoi(n - 1, from, via, to, moves);
    ++moves;
    if (n == 3) cout << from << " -> " << to << endl;
    hanoi(n - 1, via, to, from, moves);
}

int main() {
    int choice;
    double x;
    do {
        cout << "1 circle 2 power 3 primes 4 hanoi 0 quit: ";
        if (!(cin >> choice)) {
            cout << "bad" << endl;
            cin.clear();
            cin.ignore(numeric_limits<streamsize>::max(), '\n');
            choice = -1;
            continue;
        }
        switch (choice) {
            case 1:
                cin >> x;
                cout << "area " << PI * x * x << " around " << 2 * PI * x << endl;
                break;
            case 2: {
                int e;
                cin >> x >> e;
                cout << power(x, e) << " " << pow(x, e) << endl;
                break;
            }
            case 3:
                for (int i = 0, found = 0; found < 10; i++)
                    if (prime(i)) { cout << i << (found < 9 ? ", " : "\n"); found++; }
                break;
            case 4: {
                int moves = 0;
                hanoi(3, 'A', 'C', 'B', moves);
                cout << moves << " moves" << endl;
            } break;
            case 0:
                cout << "bye" << endl;
                break;
            default:
                cout << "?" << endl;
        }
    } while (choice != 0);
    return 0;
}
