#include <iostream>
#include <string>
#include <cmath>
#include <bitset>
using namespace std;
string toBinary(int n) {
    string r = "";
    if (n == 0) return "0";
    while (n > 0) {
        r = to_string(n % 2) + r;
        n /= 2;
    }
    return r;
}
int toDenary(string bits) {
    int total = 0;
    for (int i = 0; i < bits.length(); i++) {
        total = total * 2 + (bits[i] - '0');
    }
    return total;
}
char hexDigit(int d) {
    return d < 10 ? '0' + d : 'A' + d - 10;
}
int main() {
    int nums[] = {0, 1, 37, 255};
    for (int n : nums) {
        string b = toBinary(n);
        cout << n << " " << string(8 - b.size(), '0') + b << " " << toDenary(b) << " " << hexDigit(n / 16) << hexDigit(n % 16) << endl;
    }
    cout << bitset<8>(37) << " " << pow(2, 10) << " " << (1 << 4) << " " << (37 & 7) << " " << (5 ^ 3) << " " << stoi("101", nullptr, 2) << endl;
    cout << hex << 255 << " " << uppercase << 255 << dec << " " << 255 << oct << " " << 8 << endl;
    return 0;
}
