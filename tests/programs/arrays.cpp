#include <iostream>
#include <string>
using namespace std;

int total(int values[], int count) {
    int sum = 0;
    for (int i = 0; i < count; i++) sum += values[i];
    return sum;
}

void clear(int values[], int count) {
    for (int i = 0; i < count; i++) values[i] = 0;
}

int main() {
    int beds[5] = {3, 1, 4};
    string names[] = {"oak", "elm"};
    int table[2][3] = {{1, 2, 3}, {4, 5, 6}};
    beds[3] = beds[0] + 5;
    cout << total(beds, 5) << " " << names[1] << " " << table[1][2] << endl;
    for (int i = 0; i < 2; i++) {
        for (int j = 0; j < 3; j++) cout << table[i][j] << " ";
    }
    cout << endl;
    clear(beds, 4);
    cout << total(beds, 5) << endl;
    const int SIZE = 4;
    double heights[SIZE];
    for (int i = 0; i < SIZE; i++) heights[i] = i * 1.5;
    cout << heights[3] << " " << sizeof(beds) / sizeof(beds[0]) << endl;
    int counts[3] = {0};
    counts[1]++;
    counts[1] += 2;
    for (int c : counts) cout << c;
    cout << endl;
}
