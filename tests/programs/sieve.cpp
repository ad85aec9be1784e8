#include <iostream>
#include <vector>
using namespace std;

int main() {
    const int limit = 60;
    vector<bool> prime(limit + 1, true);
    prime[0] = prime[1] = false;
    for (int i = 2; i * i <= limit; i++)
        if (prime[i])
            for (int j = i * i; j <= limit; j += i)
                prime[j] = false;
    int shown = 0;
    for (int i = 0; i <= limit; i++)
        if (prime[i]) {
            cout << i << " ";
            shown++;
        }
    cout << "(" << shown << ")" << endl;
}
