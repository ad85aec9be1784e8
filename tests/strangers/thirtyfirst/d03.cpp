#include <stdio.h>
#include <string.h>
#include <ctype.h>

#define MAX 50

struct student {
    char name[MAX];
    int roll;
    float marks;
};

void sort_students(struct student s[], int n)
{
    int i, j;
    struct student temp;
    for (i = 0; i < n - 1; i++) {
        for (j = 0; j < n - i - 1; j++) {
            if (s[j].marks < s[j + 1].marks) {
                temp = s[j];
                s[j] = s[j + 1];
                s[j + 1] = temp;
            }
        }
    }
}

int count_vowels(const char *str)
{
    int count = 0;
    for (int i = 0; str[i] != '\0'; i++) {
        char c = tolower(str[i]);
        if (strchr("aeiou", c)) count++;
    }
    return count;
}

int main(void)
{
    struct student s[3] = { {"Ivy", 1, 71.5}, {"Oak", 2, 88.25}, {"Ash", 3, 80} };
    int n = sizeof(s) / sizeof(s[0]);
    float total = 0;
    sort_students(s, n);
    printf("%-10s %4s %6s\n", "Name", "Roll", "Marks");
    for (int i = 0; i < n; i++) {
        printf("%-10s %4d %6.2f\n", s[i].name, s[i].roll, s[i].marks);
        total += s[i].marks;
    }
    printf("Average: %.3f\n", total / n);
    char text[MAX] = "Garden ";
    strcat(text, s[0].name);
    printf("%s has %d letters and %d vowels\n", text, (int)strlen(text), count_vowels(text));
    if (strcmp(s[0].name, "Oak") == 0) {
        puts("Oak is first");
    }
    for (int i = 0; text[i]; i++) text[i] = toupper(text[i]);
    puts(text);
    return 0;
}
