#include <iostream>
#include <vector>
#include <string>
using namespace std;

long long memo[100];

long long fib(int n) {
    if (n < 2) return n;
    if (memo[n] != 0) return memo[n];
    return memo[n] = fib(n - 1) + fib(n - 2);
}

int moves = 0;
void hanoi(int n, char from, char to, char spare) {
    if (n == 0) return;
    hanoi(n - 1, from, spare, to);
    ++moves;
    if (n == 3) cout << "big disc " << from << "->" << to << "\n";
    hanoi(n - 1, spare, to, from);
}

void permute(string s, int k) {
    if (k == (int)s.size()) { cout << s << " "; return; }
    for (int i = k; i < (int)s.size(); i++) {
        swap(s[k], s[i]);
        permute(s, k + 1);
        swap(s[k], s[i]);
    }
}

bool place(vector<int>& cols, int row, int n, int& found) {
    if (row == n) { found++; return true; }
    for (int c = 0; c < n; c++) {
        bool free = true;
        for (int r = 0; r < row && free; r++)
            if (cols[r] == c || abs(cols[r] - c) == row - r) free = false;
        if (!free) continue;
        cols[row] = c;
        place(cols, row + 1, n, found);
    }
    return found > 0;
}

int main() {
    cout << fib(80) << endl;
    hanoi(3, 'A', 'C', 'B');
    cout << moves << endl;
    permute("abc", 0);
    cout << endl;
    vector<int> cols(6);
    int found = 0;
    place(cols, 0, 6, found);
    cout << found << endl;
}
