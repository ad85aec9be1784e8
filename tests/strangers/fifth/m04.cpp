#include <iostream>
#include <iomanip>
#include <string>
using namespace std;

struct Student {
    string name;
    int marks[3];
    double average;
};

double averageOf(int marks[], int n) {
    double total = 0;
    for (int i = 0; i < n; i++) total += marks[i];
    return total / n;
}

int main() {
    Student s[2] = {{"Fern", {67, 54, 81}, 0}, {"Moss", {90, 88, 92}, 0}};
    for (int i = 0; i < 2; i++) {
        s[i].average = averageOf(s[i].marks, 3);
        cout << setw(8) << left << s[i].name << fixed << setprecision(1) << s[i].average << endl;
    }
    Student best = s[0];
    for (int i = 1; i < 2; i++)
        if (s[i].average > best.average) best = s[i];
    cout << "Best: " << best.name << endl;
    int table[2][3] = {{1, 2, 3}, {4, 5, 6}};
    int sum = 0;
    for (auto &row : table)
        for (int v : row) sum += v;
    cout << sum << endl;
    const int SIZE = 5;
    int nums[SIZE] = {5, 3, 9, 1, 7};
    int maxIndex = 0;
    for (int i = 1; i < SIZE; i++) if (nums[i] > nums[maxIndex]) maxIndex = i;
    cout << "max " << nums[maxIndex] << " at " << maxIndex << endl;
    for (int i = 0; i < SIZE - 1; i++)
        for (int j = i + 1; j < SIZE; j++)
            if (nums[i] > nums[j]) swap(nums[i], nums[j]);
    for (int i = 0; i < SIZE; i++) cout << nums[i] << " ";
    cout << endl;
    return 0;
}
